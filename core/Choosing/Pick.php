<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A candidate with its points and the reasons for them. */
final readonly class Pick
{
    /** @param  array<int, Reason>  $judged  by the place of the rule in the book, in any order */
    public function __construct(public Candidate $candidate, public float $points, private array $judged)
    {
    }

    /** @return list<Reason> in the order of the rule book */
    public function reasons(): array
    {
        $judged = $this->judged;
        ksort($judged);

        return array_values($judged);
    }

    /** Expected touches relative to another pick: exp(0.25 × difference in points). */
    public function rateAgainst(self $other): float
    {
        return exp(0.25 * ($this->points - $other->points));
    }
}
