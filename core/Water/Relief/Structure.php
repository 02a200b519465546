<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Position;

/** A part of the bottom that fish keep to. Metres; where it is fished, and from how deep to how deep it goes. */
final readonly class Structure
{
    /**
     * @param  float  $depthM  where it is fished: the top of a wall or a hump, a ledge, the low of a saddle
     * @param  float|null  $steepDeg  of a wall or a drop-off
     * @param  float|null  $fallsDeg  degrees clockwise from north toward which it falls
     */
    public function __construct(
        public StructureKind $kind,
        public Position $at,
        public float $depthM,
        public float $topM,
        public float $bottomM,
        public ?float $steepDeg = null,
        public ?float $fallsDeg = null,
    ) {
    }

    /** The same under water that stands so many m above the zero that its depths are counted from. */
    public function under(float $levelM): self
    {
        return new self(
            kind: $this->kind, at: $this->at, depthM: $this->depthM + $levelM, topM: $this->topM + $levelM,
            bottomM: $this->bottomM + $levelM, steepDeg: $this->steepDeg, fallsDeg: $this->fallsDeg,
        );
    }

    /** m from its shallowest to its deepest */
    public function fallM(): float
    {
        return $this->bottomM - $this->topM;
    }
}
