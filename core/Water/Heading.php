<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/**
 * Where the upper edge of a phone pointed, from its compass: the mean of the last second in which it lay flat and was not turned. By
 * the compass: what the place declines it by is left alone.
 */
final readonly class Heading
{
    /** Samples that are needed in a second: compasses are slow. */
    private const FEWEST = 5;

    /** Degrees from level beyond which the upper edge points nowhere. */
    private const FLAT_DEG = 50.0;

    /** Degrees by which a sample may differ from the mean, most of the time. */
    private const TURNS_DEG = 8.0;

    /** Degrees that a phone's compass is off by. Estimate. */
    private const SENSOR_DEG = 6.0;

    /** Standard errors either way that hold the truth nine times in ten. */
    private const NINE_IN_TEN = 1.645;

    /**
     * @param  float  $degrees  clockwise from the compass's north, from 0 to under 360
     * @param  float  $withinDeg  the truth lies so near nine times in ten
     */
    private function __construct(public float $degrees, public float $withinDeg)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $samples  s, degrees from north, and degrees from level, in order
     * @return self|null null where it was never held so for a second
     */
    public static function of(array $samples): ?self
    {
        return LastSecond::of($samples, self::FEWEST, self::held(...));
    }

    /** @param  list<array{float, float, float}>  $window */
    private static function held(array $window): ?self
    {
        if ($window === [] || max(array_column($window, 2)) > self::FLAT_DEG) {
            return null;
        }
        [$north, $east] = [0.0, 0.0];
        foreach ($window as [, $degrees]) {
            $north += cos(deg2rad($degrees));
            $east += sin(deg2rad($degrees));
        }
        $mean = rad2deg(atan2($east, $north));
        $squares = array_map(static fn (array $one): float => self::turn($one[1] - $mean) ** 2, $window);
        $spread = sqrt(array_sum($squares) / count($squares));

        return $spread > self::TURNS_DEG ? null : new self(
            fmod($mean + 360.0, 360.0), self::NINE_IN_TEN * hypot($spread / sqrt(count($window)), self::SENSOR_DEG),
        );
    }

    /** Degrees, the shorter way. */
    private static function turn(float $degrees): float
    {
        return rad2deg(atan2(sin(deg2rad($degrees)), cos(deg2rad($degrees))));
    }
}
