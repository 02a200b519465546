<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\Constants;

/** What a fish brought up quickly suffers. */
final class SwimBladder
{
    /**
     * How many times its size the bladder swells to on the way up from a depth: (P + ρ g D)/P, the gas at constant
     * temperature.
     *
     * @param  float  $depthM  m
     * @param  float  $densityKgM3  of the water
     */
    public static function swelling(float $depthM, float $densityKgM3 = 1000.0): float
    {
        return 1 + $densityKgM3 * Constants::GRAVITY * $depthM / Constants::ATMOSPHERE;
    }
}
