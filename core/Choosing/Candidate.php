<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** A lure, then a lure on a hole, then a lure on a hole with a cadence, with what the drop says of it. */
final readonly class Candidate
{
    /**
     * @param  float|null  $lineAngleDeg  null when it is not known or beyond reckoning
     * @param  bool  $angleKnown  false when depth or flow was not read
     * @param  int|null  $holeIndex  from the nose
     */
    public function __construct(
        public Lure $lure,
        public float $workingKg,
        public ?float $lineAngleDeg,
        public bool $angleKnown,
        public ?int $holeIndex = null,
        public ?float $hangAngleDeg = null,
        public ?float $secondsToBottom = null,
        public ?Cadence $cadence = null,
    ) {
    }

    public function on(?int $holeIndex, ?float $hangAngleDeg, ?float $secondsToBottom): self
    {
        return new self($this->lure, $this->workingKg, $this->lineAngleDeg, $this->angleKnown, $holeIndex, $hangAngleDeg, $secondsToBottom);
    }

    public function worked(Cadence $cadence): self
    {
        return new self($this->lure, $this->workingKg, $this->lineAngleDeg, $this->angleKnown, $this->holeIndex, $this->hangAngleDeg, $this->secondsToBottom, $cadence);
    }

    public function hole(): ?Hole
    {
        return $this->holeIndex === null ? null : $this->lure->holes[$this->holeIndex];
    }

    /** Line angle as the rules compare it: beyond reckoning counts as beyond everything. */
    public function leanDeg(): float
    {
        return $this->lineAngleDeg === null ? 90.0 : abs($this->lineAngleDeg);
    }
}
