<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Reasons by the place of their rule in the book, and the points they add up to. */
final readonly class Score
{
    /** @param  array<int, Reason>  $reasons */
    public function __construct(public array $reasons, public float $points)
    {
    }

    public function and(self $other): self
    {
        return new self($this->reasons + $other->reasons, $this->points + $other->points);
    }
}
