<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** One thing changed: finish, weight, cadence, hole or family, after so many more minutes without a bite. */
final readonly class Change
{
    /** From so many minutes on, no change of the box is worth making today. */
    private const HOURS = 120.0;

    public function __construct(public string $thing, public Pick $to, public float $afterMinutes)
    {
    }

    /** A patience of hours: nothing in the box is worth the change. */
    public function isHardlyWorthIt(): bool
    {
        return $this->afterMinutes >= self::HOURS;
    }
}
