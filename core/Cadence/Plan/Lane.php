<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Water\Position;

/** One drift of a plan, from where the boat is let go to where it is taken back. */
final readonly class Lane
{
    public function __construct(public Position $start, public Position $end)
    {
    }

    public function lengthM(): float
    {
        return $this->start->distanceTo($this->end);
    }
}
