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

    /** @param  list<self>  $scores  of rules that are in one of them only */
    public static function sum(array $scores): self
    {
        $reasons = [];
        $points = 0.0;
        foreach ($scores as $score) {
            $reasons += $score->reasons;
            $points += $score->points;
        }

        return new self($reasons, $points);
    }
}
