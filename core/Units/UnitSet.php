<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** The units an angler likes to read, one for each thing that is said. */
final readonly class UnitSet
{
    private function __construct(
        public Unit $lureWeight,
        public Unit $depth,
        public Unit $speed,
        public Unit $temperature,
        public Unit $fishLength,
        public Unit $fishWeight,
        public Unit $strength,
    ) {
    }

    public static function metric(): self
    {
        return new self(
            lureWeight: Unit::Gram,
            depth: Unit::Metre,
            speed: Unit::MetrePerSecond,
            temperature: Unit::Celsius,
            fishLength: Unit::Centimetre,
            fishWeight: Unit::Kilogram,
            strength: Unit::KilogramForce,
        );
    }

    public static function imperial(): self
    {
        return new self(
            lureWeight: Unit::Ounce,
            depth: Unit::Foot,
            speed: Unit::MilePerHour,
            temperature: Unit::Fahrenheit,
            fishLength: Unit::Inch,
            fishWeight: Unit::Pound,
            strength: Unit::PoundForce,
        );
    }

    public static function of(Unit $lureWeight, Unit $depth, Unit $speed, Unit $temperature, Unit $fishWeight): self
    {
        $feet = $depth === Unit::Foot;

        return new self(
            lureWeight: $lureWeight,
            depth: $depth,
            speed: $speed,
            temperature: $temperature,
            fishLength: $feet ? Unit::Inch : Unit::Centimetre,
            fishWeight: $fishWeight,
            strength: $fishWeight === Unit::Pound ? Unit::PoundForce : Unit::KilogramForce,
        );
    }
}
