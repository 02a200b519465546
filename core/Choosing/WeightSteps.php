<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Constants;

/** The series of weights that anglers step along, kg. */
final class WeightSteps
{
    private const OUNCES = [1 / 8, 1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4, 1.0];

    private const BREAM_KG = [0.003, 0.0045, 0.006, 0.007];

    private const BREAM_OUNCES = [1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4, 1.0];

    /** Which step of the fish's series a weight is nearest to; the lighter on a tie. */
    public static function index(float $massKg, Species $species): int
    {
        $ounces = static fn (array $list): array => array_map(static fn (float $oz): float => $oz * Constants::OUNCE_KG, $list);
        if ($species !== Species::Bream) {
            return self::nearest($massKg, $ounces(self::OUNCES));
        }

        return $massKg <= Lure::VIBE_KG + Lure::SAME_KG
            ? self::nearest($massKg, self::BREAM_KG)
            : count(self::BREAM_KG) + self::nearest($massKg, $ounces(self::BREAM_OUNCES));
    }

    /** The weight to begin with for this fish, before wind and depth. */
    public static function startKg(Aim $aim): float
    {
        return match (true) {
            $aim->species === Species::Bream => 0.003,
            $aim->zone === Zone::Suspended,
            in_array($aim->species, [Species::WhiteBass, Species::Perch, Species::Crappie], true) => 3 / 8 * Constants::OUNCE_KG,
            default => 1 / 2 * Constants::OUNCE_KG,
        };
    }

    /** @param array<int, float> $series */
    private static function nearest(float $massKg, array $series): int
    {
        $best = 0;
        foreach ($series as $i => $step) {
            if (abs($step - $massKg) < abs($series[$best] - $massKg) - Lure::SAME_KG) {
                $best = $i;
            }
        }

        return $best;
    }
}
