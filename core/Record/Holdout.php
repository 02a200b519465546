<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/**
 * How well the choice would have done: for each past outing what was known before it, against what was touched in it. Of
 * two setups of one outing that were touched unequally often, was the one touched more put first?
 */
final readonly class Holdout
{
    /** h under which a setup says nothing. */
    private const LEAST_H = 0.25;

    /** @param  int  $pairs  that could be told apart */
    private function __construct(public int $outings, public int $pairs, public int $right, public Rates $share)
    {
    }

    /**
     * Kendall's concordance within outings, with an 80 % interval. Pairs that were chosen alike, or touched alike, say nothing.
     *
     * @param  list<list<array{float, float, float}>>  $outings  of each its setups: points, hours, touches
     */
    public static function of(array $outings): self
    {
        $pairs = $right = $used = 0;
        foreach ($outings as $setups) {
            $setups = array_values(array_filter($setups, static fn (array $one): bool => $one[1] >= self::LEAST_H));
            $before = $pairs;
            foreach ($setups as $i => [$points, $hours, $touches]) {
                foreach (array_slice($setups, $i + 1) as [$otherPoints, $otherHours, $otherTouches]) {
                    $chosen = round($points - $otherPoints, 6) <=> 0.0;
                    $touched = $touches / $hours <=> $otherTouches / $otherHours;
                    if ($chosen !== 0 && $touched !== 0) {
                        $pairs++;
                        $right += (int) ($chosen === $touched);
                    }
                }
            }
            $used += (int) ($pairs > $before);
        }

        return new self($used, $pairs, $right, Rates::share($right, $pairs));
    }

    /** Rank correlation, −1 to 1; null without pairs. */
    public function correlation(): ?float
    {
        return $this->pairs === 0 ? null : 2 * $this->right / $this->pairs - 1;
    }
}
