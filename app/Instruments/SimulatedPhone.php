<?php

declare(strict_types=1);

namespace App\Instruments;

use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;

/**
 * A phone in a boat on the demo lake: it drifts over the bar, is run round in a loop to where the next drift starts, and again. What
 * it says strays as phones do, and once in a while it hardly knows. A stand-in for a real one, the same every time.
 */
final class SimulatedPhone
{
    private const WATER = 'Hallowmere';

    /** s of a drift and of the run after it; m/s of either. */
    private const DRIFT_S = 480.0;

    private const RUN_S = 150.0;

    private const DRIFT_MS = 0.3;

    /** m of the loop to the side, and from one drift to the next. */
    private const LOOP_M = 160.0;

    private const LANE_M = 12.0;

    /** Where the first drift starts, m east and north of the water's origin. */
    private const START_M = [135.0, 188.0];

    /**
     * @param  float  $seconds  since the start
     * @return array{latitude: float, longitude: float, accuracy: float, alpha: float, beta: float, gamma: float} degrees, and m within
     *   which it lies; as a browser tells a position and an orientation
     */
    public static function says(float $seconds): array
    {
        $turn = (int) floor($seconds / (self::DRIFT_S + self::RUN_S));
        $into = $seconds - $turn * (self::DRIFT_S + self::RUN_S);
        $place = self::way($into)->plus(0.0, -self::LANE_M * ($turn % 6));
        // For a quarter of a minute in ten it lies under a jacket.
        $lost = fmod($seconds, 600.0) > 585.0;
        $strays = static fn (float $slow): float => ($lost ? 20.0 : 1.8) * (sin($seconds / $slow) + 0.5 * sin($seconds / 6.7));
        [$latitude, $longitude] = Frame::of(...MadeUpBottoms::ORIGINS[self::WATER])->degrees($place->plus($strays(41.0), $strays(29.0)));

        return [
            'latitude' => $latitude, 'longitude' => $longitude, 'accuracy' => $lost ? 48.0 : 5.0 + 1.5 * sin($seconds / 37.0),
            // Held flat, its upper edge into the west wind, by a hand that trembles.
            'alpha' => 90.0 + 2.0 * sin($seconds * 7.0), 'beta' => 6.0 + sin($seconds * 9.0), 'gamma' => 2.0 * sin($seconds * 5.0),
        ];
    }

    /** Along the drift, then out, back beside it and in again. */
    private static function way(float $into): Position
    {
        [$east, $north] = self::START_M;
        $long = self::DRIFT_MS * self::DRIFT_S;
        $legs = [
            [self::DRIFT_S, [0.0, 0.0], [$long, 0.0]], [self::RUN_S / 3, [$long, 0.0], [$long, self::LOOP_M]],
            [self::RUN_S / 3, [$long, self::LOOP_M], [0.0, self::LOOP_M]], [self::RUN_S / 3, [0.0, self::LOOP_M], [0.0, 0.0]],
        ];
        foreach ($legs as [$lasts, $from, $to]) {
            if ($into < $lasts) {
                $share = $into / $lasts;

                return new Position(
                    $east + $from[0] + $share * ($to[0] - $from[0]), $north + $from[1] + $share * ($to[1] - $from[1]),
                );
            }
            $into -= $lasts;
        }

        return new Position($east, $north);
    }
}
