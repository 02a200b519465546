<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Record\Internal\Special;
use Eskith\Core\Units\InvalidInput;

/** What a record says of a rate: mean and 80 % interval (10 % and 90 % quantiles). */
final readonly class Rates
{
    private function __construct(public float $mean, public float $q10, public float $q90)
    {
    }

    /**
     * Bites per rod-hour as Gamma(shape, rate).
     *
     * @throws InvalidInput unless both are above 0
     */
    public static function gamma(float $shape, float $rate): self
    {
        self::demandPositive(['shape' => $shape, 'rate' => $rate]);

        return new self($shape / $rate, Special::gammaQuantile(0.1, $shape) / $rate, Special::gammaQuantile(0.9, $shape) / $rate);
    }

    /**
     * Share of touches landed (or of any k out of n) as Beta(1 + k, 1 + n − k).
     *
     * @throws InvalidInput unless 0 ≤ landed ≤ touches
     */
    public static function share(int $landed, int $touches): self
    {
        if ($landed < 0 || $touches < $landed) {
            throw InvalidInput::because('landed', 'Landed fish are 0 or more, and no more than the bites.');
        }
        $a = 1.0 + $landed;
        $b = 1.0 + $touches - $landed;

        return new self($a / ($a + $b), Special::betaQuantile(0.1, $a, $b), Special::betaQuantile(0.9, $a, $b));
    }

    /**
     * P(A better than B) for Gamma(a₁, b₁), Gamma(a₂, b₂) = I_{b₂/(b₁+b₂)}(a₂, a₁).
     *
     * @throws InvalidInput unless all are above 0
     */
    public static function chanceBetter(float $shapeA, float $rateA, float $shapeB, float $rateB): float
    {
        self::demandPositive(['a' => min($shapeA, $rateA), 'b' => min($shapeB, $rateB)]);

        return Special::betaShare($rateB / ($rateA + $rateB), $shapeB, $shapeA);
    }

    /** @param  array<string, float>  $values */
    private static function demandPositive(array $values): void
    {
        foreach ($values as $field => $value) {
            if (! ($value > 0.0 && $value < 1e9)) {
                throw InvalidInput::because($field, 'Shape and rate must be above 0.');
            }
        }
    }
}
