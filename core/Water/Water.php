<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/** A body of water as the formulas see it. */
final readonly class Water
{
    /** Salinities of the three waters an angler names, g/kg. */
    public const FRESH = 0.0;

    public const BRACKISH = 15.0;

    public const SEA = 35.0;

    private function __construct(
        public float $celsius,
        public float $salinity,
        public float $densityKgM3,
        public float $viscosityPaS,
    ) {
    }

    /**
     * Density by McCutcheon et al. 1993 with a linear salt term; viscosity in the Vogel form.
     *
     * @param  float  $celsius  −2 to 40 °C
     * @param  float  $salinity  0 to 45 g/kg
     *
     * @throws InvalidInput outside these
     */
    public static function of(float $celsius, float $salinity = self::FRESH): self
    {
        if (! ($celsius >= -2.0 && $celsius <= 40.0)) {
            throw InvalidInput::because('water_c', 'Water is −2 to 40 °C (28 to 104 °F).');
        }
        if (! ($salinity >= 0.0 && $salinity <= 45.0)) {
            throw InvalidInput::because('salinity', 'Salinity is 0 to 45 g/kg.');
        }
        $t = $celsius;
        $density = 1000 * (1 - ($t + 288.9414) * ($t - 3.9863) ** 2 / (508929.2 * ($t + 68.12963))) + 0.78 * $salinity;
        $viscosity = 2.414e-5 * 10 ** (247.8 / ($t + 133.15)) * (1 + 0.0022 * $salinity);

        return new self($celsius, $salinity, $density, $viscosity);
    }
}
