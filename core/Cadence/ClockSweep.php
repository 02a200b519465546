<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;

/** The rod raised from one clock position to another with the lure on the bottom: how much line that pulls. Lengths in m. */
final readonly class ClockSweep
{
    private function __construct(public float $pulledM, public float $riseM, public float $dragM)
    {
    }

    /**
     * @param  float  $fromHour  9 is level toward the lure, 12 straight up
     * @param  float  $acrossM  lure's distance along the surface, 0 or more
     *
     * @throws InvalidInput for a rod, depth or hours that cannot be
     */
    public static function of(
        float $fromHour, float $toHour, float $rodM, float $acrossM, float $depthM, float $handM = Constants::HAND_HEIGHT_M,
    ): self {
        if (! ($rodM > 0.5 && $rodM < 6)) {
            throw InvalidInput::because('rod', 'A rod is between 0.5 and 6 m long.');
        }
        if (! ($depthM > 0 && $acrossM >= 0)) {
            throw InvalidInput::because('depth_m', 'Depth must be more than 0 and the distance not negative.');
        }
        if (! ($fromHour >= 8 && $toHour <= 13 && $fromHour < $toHour)) {
            throw InvalidInput::because('hours', 'The rod goes up, from 8 at the lowest to 13 at the highest.');
        }
        $before = self::distance($fromHour, $rodM, $acrossM, $depthM, $handM);
        $pulled = self::distance($toHour, $rodM, $acrossM, $depthM, $handM) - $before;
        $steep = $depthM / hypot($acrossM, $depthM);

        return new self($pulled, $pulled * $steep, $pulled * sqrt(1 - $steep * $steep));
    }

    private static function distance(float $hour, float $rodM, float $acrossM, float $depthM, float $handM): float
    {
        $elevation = deg2rad(($hour - 9) * 30);

        return hypot($acrossM - $rodM * cos($elevation), $handM + $rodM * sin($elevation) + $depthM);
    }
}
