<?php

declare(strict_types=1);

namespace Eskith\Core\Rig;

use Eskith\Core\Units\InvalidInput;

/** A main line or the line of a leader: what it is made of, what it breaks at, N, and how thick it is, m. */
final readonly class Line
{
    /** m */
    private const DIAMETER_M = [0.00002, 0.003];

    private function __construct(public Material $material, public float $breakN, public float $diameterM)
    {
    }

    /**
     * @param  float|null  $diameterM  as usual for its material and strength where it is not known
     *
     * @throws InvalidInput when it is stronger or thicker than any line
     */
    public static function of(Material $material, float $breakN, ?float $diameterM = null): self
    {
        $part = Part::of('line', $breakN);
        $diameterM ??= $material->typicalDiameterM($part->breakN);
        if ($diameterM < self::DIAMETER_M[0] || $diameterM > self::DIAMETER_M[1]) {
            throw InvalidInput::because('diameter', 'Line is 0.02 to 3 mm thick.');
        }

        return new self($material, $breakN, $diameterM);
    }

    /** @throws InvalidInput for no length */
    public function segment(float $lengthM): Segment
    {
        return Segment::of($lengthM, $this->breakN, $this->material->strainAtBreak());
    }
}
