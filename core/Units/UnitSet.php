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
            Unit::Gram, Unit::Metre, Unit::MetrePerSecond, Unit::Celsius, Unit::Centimetre, Unit::Kilogram, Unit::KilogramForce,
        );
    }

    public static function imperial(): self
    {
        return new self(Unit::Ounce, Unit::Foot, Unit::MilePerHour, Unit::Fahrenheit, Unit::Inch, Unit::Pound, Unit::PoundForce);
    }

    public static function of(Unit $lureWeight, Unit $depth, Unit $speed, Unit $temperature, Unit $fishWeight): self
    {
        $feet = $depth === Unit::Foot;

        return new self(
            $lureWeight, $depth, $speed, $temperature,
            $feet ? Unit::Inch : Unit::Centimetre,
            $fishWeight,
            $fishWeight === Unit::Pound ? Unit::PoundForce : Unit::KilogramForce,
        );
    }
}
