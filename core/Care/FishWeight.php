<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\InvalidInput;

/** The weight of a fish told from its length: always an estimate. */
final class FishWeight
{
    /** m: a length that was typed with few digits still counts as the bound it names. */
    private const TINY_M = 1e-9;

    /**
     * @return float kg
     *
     * @throws InvalidInput for a length for which the equation does not hold or that is not believed
     */
    public static function kg(WeighedFish $fish, float $lengthM): float
    {
        [$low, $high] = $fish->lengthsM();
        if (! ($lengthM >= $low - self::TINY_M && $lengthM <= $high + self::TINY_M)) {
            throw InvalidInput::because(
                'length_m', 'The weight of a {fish} is told for lengths from {low} to {high} cm.',
                fish: $fish->word(), low: round(100 * $low), high: round(100 * $high),
            );
        }
        [$a, $b] = $fish->equation();

        return 10 ** ($a + $b * log10(1000 * $lengthM)) / 1000;
    }

    /** kg to the cubic metre of length × girth²: pounds are inches × inches² over 800, the usual rule. */
    private const BY_GIRTH = 34.6;

    /** Of the weight by its length alone: a girth that makes it thinner or thicker than this was measured wrong. */
    private const BELIEVED = [0.5, 2.0];

    /**
     * With its girth: length × girth² says more than the length alone, and is an estimate too.
     *
     * @return float kg
     *
     * @throws InvalidInput as for kg(), and for a girth that no such fish has
     */
    public static function kgByGirth(WeighedFish $fish, float $lengthM, float $girthM): float
    {
        $kg = self::BY_GIRTH * $lengthM * $girthM ** 2;
        $share = $kg / self::kg($fish, $lengthM);
        if ($share < self::BELIEVED[0] || $share > self::BELIEVED[1]) {
            throw InvalidInput::because('girth', 'That girth hardly goes with that length. Measure it at the thickest.');
        }

        return $kg;
    }
}
