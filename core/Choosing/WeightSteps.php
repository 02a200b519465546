<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;
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
        if ($species !== Species::Bream) {
            return self::nearest($massKg, self::OUNCES, Constants::OUNCE_KG);
        }

        return Mass::atMost($massKg, Mass::VIBE_KG)
            ? self::nearest($massKg, self::BREAM_KG, 1.0)
            : count(self::BREAM_KG) + self::nearest($massKg, self::BREAM_OUNCES, Constants::OUNCE_KG);
    }

    /** @return list<float> every weight of the fish's series, kg, lightest first */
    public static function series(Species $species): array
    {
        $ounces = static fn (float $ounces): float => $ounces * Constants::OUNCE_KG;

        return $species === Species::Bream
            ? [...self::BREAM_KG, ...array_map($ounces, self::BREAM_OUNCES)]
            : array_map($ounces, self::OUNCES);
    }

    /** Heaviest that lures are made in, kg, and the steps between those over the series. */
    private const HEAVIEST_OUNCES = 2.0;

    private const OVER_OUNCES = 0.25;

    /** The lightest weight that is made and is not lighter than this, kg; null where none is. */
    public static function stamped(float $massKg, Species $species): ?float
    {
        foreach (self::series($species) as $step) {
            if (Mass::atLeast($step, $massKg)) {
                return $step;
            }
        }
        $ounces = self::OVER_OUNCES * ceil($massKg / Constants::OUNCE_KG / self::OVER_OUNCES - 1e-9);

        return $species === Species::Bream || $ounces > self::HEAVIEST_OUNCES ? null : $ounces * Constants::OUNCE_KG;
    }

    /**
     * The lures of a box whose weight counts for the fish: for bream the vibes, for other fish the rest; all where there is none.
     *
     * @param  list<Lure>  $box
     * @return array<int, Lure> by their place in the box
     */
    public static function counting(array $box, Species $species): array
    {
        return array_filter($box, static fn (Lure $lure): bool => $lure->isVibe() === ($species === Species::Bream)) ?: $box;
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

    /** @param  non-empty-list<float>  $series  in units of so many kg */
    private static function nearest(float $massKg, array $series, float $unitKg): int
    {
        $best = 0;
        foreach ($series as $i => $step) {
            if (! Mass::atLeast(abs($step * $unitKg - $massKg), abs($series[$best] * $unitKg - $massKg))) {
                $best = $i;
            }
        }

        return $best;
    }
}
