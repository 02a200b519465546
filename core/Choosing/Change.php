<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** One thing changed: finish, weight, cadence, hole or family, after so many minutes without a touch. */
final readonly class Change
{
    /** A stay shorter than this is none, min. */
    private const NO_STAY = 3.0;

    public function __construct(public string $thing, public Pick $to, public float $afterMinutes)
    {
    }

    /** As good a bet as what is on the line: there is nothing to wait for. */
    public function isAtOnce(): bool
    {
        return $this->afterMinutes < self::NO_STAY;
    }
}
