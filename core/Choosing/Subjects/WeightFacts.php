<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Subjects;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Mass;

/** What lures of one family and weight share: how the line leans with them, whether weed catches on them, what weight is asked for. */
final readonly class WeightFacts
{
    /**
     * @param  float  $workingKg  the weight that the day asks for
     * @param  float|null  $lineAngleDeg  null when it is not known or beyond reckoning
     * @param  bool  $angleKnown  false when depth or flow was not read
     * @param  float|null  $gustAngleDeg  in the gusts; null when none was read or it is beyond reckoning
     * @param  bool  $gustsRead  whether gusts were read
     * @param  bool  $weedless  whether weed does not catch on its hooks
     */
    public function __construct(
        public Family $family,
        public float $massKg,
        public float $workingKg,
        public ?float $lineAngleDeg,
        public bool $angleKnown,
        public ?float $gustAngleDeg = null,
        public bool $gustsRead = false,
        public bool $weedless = false,
    ) {
    }

    /** Line angle as the rules compare it: beyond reckoning counts as beyond everything. */
    public function leanDeg(): float
    {
        return $this->lineAngleDeg === null ? 90.0 : abs($this->lineAngleDeg);
    }

    /** The same in the gusts; 0 where none was read. */
    public function gustLeanDeg(): float
    {
        return $this->gustsRead ? ($this->gustAngleDeg === null ? 90.0 : abs($this->gustAngleDeg)) : 0.0;
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
