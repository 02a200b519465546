<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A candidate with its points and the reasons for them. */
final readonly class Pick
{
    /** @param  list<Judged>  $judged  of the lure, its hole and its cadence: put together only where reasons are asked for */
    public function __construct(public Candidate $candidate, public float $points, private array $judged)
    {
    }

    /** @return list<Reason> in the order of the rule book */
    public function reasons(): array
    {
        $reasons = [];
        foreach ($this->judged as $judged) {
            $reasons += $judged->reasons;
        }
        ksort($reasons);

        return array_values($reasons);
    }

    /** Expected touches relative to another pick: exp(0.25 × difference in points). */
    public function rateAgainst(self $other): float
    {
        return exp(0.25 * ($this->points - $other->points));
    }
}
