<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A candidate with its points and reasons. */
final readonly class Pick
{
    /**
     * @param  list<Reason>  $reasons  in the order of the rule book
     */
    public function __construct(public Candidate $candidate, public float $points, public array $reasons) {}

    /** Expected touches relative to another pick: exp(0.25 × difference in points). */
    public function rateAgainst(self $other): float
    {
        return exp(0.25 * ($this->points - $other->points));
    }

    public function isSame(string $lureId, ?string $hole, string $cadence): bool
    {
        $c = $this->candidate;

        return $c->lure->id === $lureId && $c->hole()?->name === $hole && $c->cadence?->value === $cadence;
    }
}
