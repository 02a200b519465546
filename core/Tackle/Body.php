<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Water;

/** A lure as the water sees it: what it weighs and how much of it is in the way. */
final readonly class Body
{
    /** Heaviest lure that is reckoned with, kg. */
    public const HEAVIEST_KG = 0.5;

    private function __construct(public Family $family, public float $massKg, public float $areaM2)
    {
    }

    /**
     * Reference area (m/ρ_l)^(2/3).
     *
     * @throws InvalidInput unless the mass is above 0 and at most 0.5 kg
     */
    public static function of(Family $family, float $massKg): self
    {
        if (! ($massKg > 0.0)) {
            throw InvalidInput::because('mass_kg', 'A lure weighs more than 0.');
        }
        if ($massKg > self::HEAVIEST_KG) {
            throw InvalidInput::because('mass_kg', 'A lure weighs at most 500 g (18 oz).');
        }

        return new self($family, $massKg, ($massKg / $family->definition()->densityKgM3) ** (2 / 3));
    }

    /** Weight in water, N. */
    public function netWeightN(Water $water): float
    {
        return $this->massKg * Constants::GRAVITY * (1 - $water->densityKgM3 / $this->family->definition()->densityKgM3);
    }
}
