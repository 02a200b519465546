<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A candidate with its points and the reasons for them. */
final readonly class Pick
{
    /**
     * @param  list<Score>  $judged  of the lure, its hole and its cadence, without words
     * @param  \Closure(Candidate): list<Reason>  $aloud  puts the reasons into words: asked only for the few that are told
     */
    public function __construct(public Candidate $candidate, public float $points, private array $judged, private \Closure $aloud)
    {
    }

    /** @return list<Reason> in the order of the rule book */
    public function reasons(): array
    {
        return ($this->aloud)($this->candidate);
    }

    /** @return list<string> ids of the rules that speak of it */
    public function rules(): array
    {
        return array_merge(...array_map(static fn (Score $judged): array => array_column($judged->reasons, 'rule'), $this->judged));
    }

    /** Points that one rule gives it. */
    public function pointsBy(string $rule): float
    {
        $points = 0.0;
        foreach ($this->judged as $judged) {
            foreach ($judged->reasons as $reason) {
                $points += $reason->rule === $rule ? $reason->points : 0.0;
            }
        }

        return $points;
    }

    /** What speaks for it, in points. */
    public function pointsFor(): float
    {
        return $this->sum(1);
    }

    /** What speaks against it, in points, not negative. */
    public function pointsAgainst(): float
    {
        return $this->sum(-1);
    }

    /** Expected touches relative to another pick. */
    public function rateAgainst(self $other): float
    {
        return Expected::times($this->points - $other->points);
    }

    private function sum(int $sign): float
    {
        $sum = 0.0;
        foreach ($this->judged as $judged) {
            foreach ($judged->reasons as $reason) {
                $sum += max(0.0, $sign * $reason->points);
            }
        }

        return $sum;
    }
}
