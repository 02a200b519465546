<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Tackle\Lure;

/**
 * What to change when nothing happens: one thing at a time. Built once over a ranking; each bucket holds, best first,
 * the picks that agree in everything but one thing.
 */
final readonly class Ladder
{
    /** Expected rates within this share of the best count as alike. */
    private const ALIKE = 0.9;

    /** Touches per rod-hour expected of the first pick while there is no record, and rod-hours that this counts as. */
    private const PRIOR_RATE = 1.0;

    private const PRIOR_HOURS = 2.0;

    /**
     * @param  list<Pick>  $ranked
     * @param  array<string, list<int>>  $buckets  places in the ranking by what they have in common
     */
    private function __construct(private array $ranked, private array $buckets)
    {
    }

    /** @param  list<Pick>  $ranked best first */
    public static function over(array $ranked): self
    {
        $buckets = [];
        foreach ($ranked as $place => $pick) {
            foreach (self::common($pick->candidate) as $shared) {
                $buckets[$shared][] = $place;
            }
        }

        return new self($ranked, $buckets);
    }

    /** The change to make next, or null when nothing else can be changed. */
    public function next(Pick $pick): ?Change
    {
        return $this->nextBut($pick, []);
    }

    /**
     * The next change, the one after it, and so on: each differs in one thing from the step before and none repeats.
     *
     * @return list<Change>
     */
    public function steps(Pick $pick, int $count = 3): array
    {
        $steps = [];
        $seen = [$pick];
        while (count($steps) < $count && ($change = $this->nextBut($pick, $seen)) !== null) {
            $steps[] = $change;
            $pick = $change->to;
            $seen[] = $pick;
        }

        return $steps;
    }

    /**
     * Minutes without a touch after which to make the next change: stay another (α/r₂ − β) hours, with α and β of a
     * Gamma whose prior is worth two rod-hours.
     *
     * @param  float  $hoursWithout  rod-hours already fished without a touch
     */
    public function patienceMinutes(Pick $pick, float $hoursWithout = 0.0): float
    {
        $next = $this->next($pick);

        return $next === null ? 0.0 : $this->minutesUntil($pick, $next->to, $hoursWithout);
    }

    private function minutesUntil(Pick $pick, Pick $next, float $hoursWithout = 0.0): float
    {
        $first = $this->ranked[0];
        $alpha = self::PRIOR_HOURS * self::PRIOR_RATE * $pick->rateAgainst($first);
        $beta = self::PRIOR_HOURS + $hoursWithout;

        return max(0.0, 60 * ($alpha / (self::PRIOR_RATE * $next->rateAgainst($first)) - $beta));
    }

    /** @param  list<Pick>  $seen */
    private function nextBut(Pick $pick, array $seen): ?Change
    {
        $options = [];
        foreach (self::common($pick->candidate) as $thing => $shared) {
            foreach ($this->buckets[$shared] ?? [] as $place) {
                $other = $this->ranked[$place];
                if (self::value($other->candidate, $thing) !== self::value($pick->candidate, $thing) && ! in_array($other, $seen, true)) {
                    $options[] = new Change($thing, $other, $this->minutesUntil($pick, $other));
                    break;
                }
            }
        }
        if ($options === []) {
            return null;
        }
        $best = max(array_map(static fn (Change $change): float => $change->to->points, $options));
        foreach ($options as $option) {
            if (exp(0.25 * ($option->to->points - $best)) >= self::ALIKE) {
                return $option;
            }
        }

        return null;
    }

    /**
     * What stays the same when a thing is changed. A change of family brings its own hole and cadence.
     *
     * @return array<string, string> by thing, in the order of trying
     */
    private static function common(Candidate $c): array
    {
        $lure = $c->lure;
        $family = $lure->family->value;
        $finish = self::value($c, 'finish');
        $weight = self::value($c, 'weight');
        $hole = self::value($c, 'hole');
        $cadence = self::value($c, 'cadence');

        return [
            'finish' => "finish|{$family}|{$weight}|{$hole}|{$cadence}",
            'weight' => "weight|{$family}|{$finish}|{$hole}|{$cadence}",
            'cadence' => "cadence|{$lure->id}|{$hole}",
            'hole' => "hole|{$lure->id}|{$cadence}",
            'family' => "family|{$weight}|{$finish}",
        ];
    }

    private static function value(Candidate $c, string $thing): string
    {
        return match ($thing) {
            'finish' => $c->lure->finish.($c->lure->redNearHooks ? '+red' : ''),
            'weight' => (string) round($c->lure->massKg / Lure::SAME_KG),
            'cadence' => $c->cadence->value ?? '',
            'hole' => $c->hole()->name ?? '',
            default => $c->lure->family->value,
        };
    }
}
