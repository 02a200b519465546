<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Subjects;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Mass;

/** What lures of one family and weight share: how the line leans with them, and what weight the day asks for. */
final readonly class Weighed
{
    /**
     * @param  float  $workingKg  the weight that the day asks for
     * @param  float|null  $lineAngleDeg  null when it is not known or beyond reckoning
     * @param  bool  $angleKnown  false when depth or flow was not read
     */
    public function __construct(
        public Family $family,
        public float $massKg,
        public float $workingKg,
        public ?float $lineAngleDeg,
        public bool $angleKnown,
    ) {
    }

    /** Line angle as the rules compare it: beyond reckoning counts as beyond everything. */
    public function leanDeg(): float
    {
        return $this->lineAngleDeg === null ? 90.0 : abs($this->lineAngleDeg);
    }

    public function atMost(float $massKg): bool
    {
        return Mass::atMost($this->massKg, $massKg);
    }

    public function isVibe(): bool
    {
        return $this->family->isVibeAt($this->massKg);
    }
}
