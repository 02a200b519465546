<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\InvalidInput;

/** A length of one line between rod and hook, m, with what it breaks at, N, and how far it has stretched when it does. */
final readonly class Segment
{
    private function __construct(public float $lengthM, public float $breakN, public float $strainAtBreak)
    {
    }

    /**
     * @param  string  $path  before the field that an error names
     *
     * @throws InvalidInput when it has no length or would not hold or stretch
     */
    public static function of(float $lengthM, float $breakN, float $strainAtBreak, string $path = ''): self
    {
        foreach (['length_m' => $lengthM, 'break_n' => $breakN, 'strain_at_break' => $strainAtBreak] as $field => $value) {
            if (! ($value > 0.0)) {
                throw InvalidInput::because($path.$field, 'Length, break strength and strain of a line are above 0.');
            }
        }

        return new self($lengthM, $breakN, $strainAtBreak);
    }

    /** How far it stretches under a force, m. */
    public function stretchM(float $forceN): float
    {
        return $this->lengthM * $this->stretchPerM($forceN);
    }

    /** m for each metre of it */
    public function stretchPerM(float $forceN): float
    {
        return $forceN * $this->strainAtBreak / $this->breakN;
    }
}
