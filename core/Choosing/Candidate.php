<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Subjects\HangFacts;
use Eskith\Core\Choosing\Subjects\WeightFacts;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** A lure, then a lure on a hole, then a lure on a hole with a cadence, with what the drop says of it. */
final readonly class Candidate
{
    /** @param  int|null  $holeIndex  from the nose */
    private function __construct(
        public Lure $lure,
        public WeightFacts $weighed,
        public ?int $holeIndex,
        public ?float $hangAngleDeg,
        public ?float $secondsToBottom,
        public ?Cadence $cadence,
        /** As it hangs on the hole, or without one; null until that is said. */
        public ?HangFacts $hung,
    ) {
    }

    /**
     * A lure not yet on a hole.
     *
     * @param  float  $workingKg  the weight that the day asks for
     * @param  float|null  $lineAngleDeg  null when it is not known or beyond reckoning
     * @param  bool  $angleKnown  false when depth or flow was not read
     * @param  float|null  $gustAngleDeg  in the gusts
     */
    public static function bare(
        Lure $lure, float $workingKg, ?float $lineAngleDeg, bool $angleKnown, ?float $gustAngleDeg = null, bool $gustsRead = false,
    ): self {
        return new self(
            lure: $lure,
            weighed: new WeightFacts(
                family: $lure->family,
                massKg: $lure->massKg,
                workingKg: $workingKg,
                lineAngleDeg: $lineAngleDeg,
                angleKnown: $angleKnown,
                gustAngleDeg: $gustAngleDeg,
                gustsRead: $gustsRead,
                weedless: $lure->weedless,
            ),
            holeIndex: null,
            hangAngleDeg: null,
            secondsToBottom: null,
            cadence: null,
            hung: null,
        );
    }

    public function on(?int $holeIndex, ?float $hangAngleDeg, ?float $secondsToBottom): self
    {
        return new self(
            lure: $this->lure,
            weighed: $this->weighed,
            holeIndex: $holeIndex,
            hangAngleDeg: $hangAngleDeg,
            secondsToBottom: $secondsToBottom,
            cadence: null,
            hung: new HangFacts(
                $this->lure->holes, $holeIndex, $this->lure->balance === null ? null : $hangAngleDeg, $secondsToBottom,
            ),
        );
    }

    public function worked(Cadence $cadence): self
    {
        return new self(
            lure: $this->lure,
            weighed: $this->weighed,
            holeIndex: $this->holeIndex,
            hangAngleDeg: $this->hangAngleDeg,
            secondsToBottom: $this->secondsToBottom,
            cadence: $cadence,
            hung: $this->hung,
        );
    }

    public function hole(): ?Hole
    {
        return $this->holeIndex === null ? null : $this->lure->holes[$this->holeIndex];
    }
}
