<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** The four kinds of lure. A vibe is a small blade (Lure::isVibe). Coefficients are estimates until calibrated. */
enum Family: string
{
    case Blade = 'blade';
    case Spoon = 'spoon';
    case BladedSpoon = 'bladed_spoon';
    case TailSpinner = 'tail_spinner';

    /** kg/m³ of the lure with its hooks. */
    public function densityKgM3(): float
    {
        return match ($this) {
            self::Blade => 9500.0,
            self::Spoon => 10500.0,
            self::BladedSpoon, self::TailSpinner => 10000.0,
        };
    }

    /** Drag coefficient hanging across the flow, on the reference area. */
    public function dragAcross(): float
    {
        return match ($this) {
            self::Blade => 1.6,
            self::Spoon => 1.8,
            self::BladedSpoon => 2.2,
            self::TailSpinner => 2.0,
        };
    }

    /** Drag coefficient lifted straight up. */
    public function dragLifted(): float
    {
        return match ($this) {
            self::Blade => 2.7,
            self::Spoon => 1.8,
            self::BladedSpoon => 2.5,
            self::TailSpinner => 3.0,
        };
    }

    public function isSpoon(): bool
    {
        return $this === self::Spoon || $this === self::BladedSpoon;
    }

    /** A vibe is a small blade. */
    public function isVibeAt(float $massKg): bool
    {
        return $this === self::Blade && Mass::atMost($massKg, Mass::VIBE_KG);
    }

    public function word(): string
    {
        return match ($this) {
            self::Blade => 'blade',
            self::Spoon => 'spoon',
            self::BladedSpoon => 'bladed spoon',
            self::TailSpinner => 'tail spinner',
        };
    }
}
