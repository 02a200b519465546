<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** One repeat of a cadence: lift in m over so many seconds, the way down, the pause on the bottom in seconds. */
final readonly class Steps
{
    public function __construct(
        public float $liftM,
        public float $liftSeconds,
        public FallControl $fall,
        public float $pauseSeconds,
    ) {
    }

    /** The same, let down another way. */
    public function letDown(FallControl $fall): self
    {
        return new self($this->liftM, $this->liftSeconds, $fall, $this->pauseSeconds);
    }
}
