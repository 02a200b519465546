<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** One thing changed: finish, weight, cadence, hole or family, after so many minutes without a touch. */
final readonly class Change
{
    public function __construct(public string $thing, public Pick $to, public float $afterMinutes)
    {
    }
}
