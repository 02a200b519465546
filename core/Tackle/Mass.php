<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** How the masses of lures compare, in kg. */
final class Mass
{
    /** Masses compare with this tolerance, kg: 3/8, 1/2 and 5/8 oz round up. */
    private const SAME_KG = 1e-6;

    /** A blade of at most this is a vibe, kg. */
    public const VIBE_KG = 0.007;

    public static function atMost(float $kg, float $limitKg): bool
    {
        return $kg <= $limitKg + self::SAME_KG;
    }

    public static function atLeast(float $kg, float $limitKg): bool
    {
        return $kg >= $limitKg - self::SAME_KG;
    }

    public static function same(float $kg, float $otherKg): bool
    {
        return abs($kg - $otherKg) <= self::SAME_KG;
    }

    /** A number that is alike for masses that count as the same, and greater for a heavier one. */
    public static function rank(float $kg): float
    {
        return round($kg / self::SAME_KG);
    }
}
