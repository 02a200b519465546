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
                'length_m',
                'The weight of a '.$fish->word().' is told for lengths from '.round(100 * $low).' to '.round(100 * $high).' cm.',
            );
        }
        [$a, $b] = $fish->equation();

        return 10 ** ($a + $b * log10(1000 * $lengthM)) / 1000;
    }
}
