<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What points mean for touches. */
final class Expected
{
    /** By this the logarithm of the expected touches rises with each point (rule base; an estimate). */
    private const PER_POINT = 0.25;

    /** How many times as many touches so many points more let one expect. */
    public static function times(float $points): float
    {
        return exp(self::PER_POINT * $points);
    }
}
