<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

/** What a line is made of. */
enum Material: string
{
    case Braid = 'braid';
    case Fluorocarbon = 'fluorocarbon';
    case Monofilament = 'monofilament';

    public function word(): string
    {
        return $this->value;
    }

    /** How far it has stretched when it breaks, as a share of its length. Estimates. */
    public function strainAtBreak(): float
    {
        return match ($this) {
            self::Braid => 0.035,
            self::Fluorocarbon => 0.22,
            self::Monofilament => 0.26,
        };
    }

    /** Whether it takes up water and freezes in the guides. */
    public function ices(): bool
    {
        return $this === self::Braid;
    }

    /**
     * The diameter that a line of this strength usually has, m: strength goes with the cross-section. Typical, from 20 lb
     * braid of 0.20 mm, 12 lb fluorocarbon of 0.31 mm and 12 lb monofilament of 0.33 mm.
     */
    public function typicalDiameterM(float $breakN): float
    {
        return sqrt($breakN) * match ($this) {
            self::Braid => 2.12e-5,
            self::Fluorocarbon => 4.24e-5,
            self::Monofilament => 4.52e-5,
        };
    }
}
