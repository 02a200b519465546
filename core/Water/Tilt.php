<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/**
 * How far a phone leans whose long edge lies along something, from what it feels of gravity: the mean of the last second in which
 * it was held still. A hand trembles about where it holds, several times a second, so that its mean does not.
 */
final readonly class Tilt
{
    /** Samples that are needed in a second. */
    private const FEWEST = 10;

    /** Degrees by which each quarter of it may differ from the whole, and a sample, most of the time. */
    private const TURNS_DEG = 2.0;

    private const TREMBLES_DEG = 8.0;

    /** m/s², standard gravity, and by how much what is felt may differ from it: beyond that the phone was swung. */
    private const GRAVITY = 9.80665;

    private const SWUNG = 0.7;

    /** Degrees that a phone's own sensor is off by. */
    private const SENSOR_DEG = 0.5;

    /** Standard errors either way that hold the truth nine times in ten. */
    private const NINE_IN_TEN = 1.645;

    /**
     * @param  float  $degrees  from straight down, 0 to 90
     * @param  float  $withinDeg  the truth lies so near nine times in ten
     */
    private function __construct(public float $degrees, public float $withinDeg)
    {
    }

    /**
     * @param  list<array{float, float, float, float}>  $samples  s, and m/s² across, along and out of the phone, in order
     * @return self|null null where it was never still for a second
     */
    public static function of(array $samples): ?self
    {
        return LastSecond::of($samples, self::FEWEST, self::still(...));
    }

    /** @param  list<array{float, float, float, float}>  $window */
    private static function still(array $window): ?self
    {
        $mean = self::mean($window);
        $size = self::size($mean);
        if (abs($size - self::GRAVITY) > self::SWUNG) {
            return null;
        }
        $quarters = array_map(self::mean(...), array_chunk($window, max(1, (int) ceil(count($window) / 4))));
        if (array_filter($quarters, static fn (array $one): bool => self::between($one, $mean) > self::TURNS_DEG) !== []) {
            return null;
        }
        $squares = array_map(static fn (array $one): float => self::between(array_slice($one, 1), $mean) ** 2, $window);
        if (sqrt(array_sum($squares) / count($squares)) > self::TREMBLES_DEG) {
            return null;
        }
        $leans = array_map(self::lean(...), $quarters);
        $middle = array_sum($leans) / count($leans);
        $spread = array_sum(array_map(static fn (float $one): float => ($one - $middle) ** 2, $leans));
        $error = sqrt($spread / max(1, count($leans) - 1) / count($leans));

        return new self(self::lean($mean), self::NINE_IN_TEN * hypot($error, self::SENSOR_DEG));
    }

    /**
     * @param  list<array{float, float, float, float}>  $samples
     * @return list<float> m/s² across, along and out of the phone
     */
    private static function mean(array $samples): array
    {
        return array_map(
            static fn (int $axis): float => array_sum(array_column($samples, $axis)) / max(1, count($samples)), [1, 2, 3],
        );
    }

    /**
     * Degrees of the long edge from straight down, whichever end is up.
     *
     * @param  list<float>  $felt
     */
    private static function lean(array $felt): float
    {
        return rad2deg(atan2(hypot($felt[0], $felt[2]), abs($felt[1])));
    }

    /** @param  list<float>  $felt */
    private static function size(array $felt): float
    {
        return sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $felt)));
    }

    /**
     * Degrees.
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function between(array $one, array $other): float
    {
        $sizes = self::size($one) * self::size($other);
        $product = array_sum(array_map(static fn (float $a, float $b): float => $a * $b, $one, $other));

        return $sizes === 0.0 ? 0.0 : rad2deg(acos(max(-1.0, min(1.0, $product / $sizes))));
    }
}
