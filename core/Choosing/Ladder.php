<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Tackle\Lure;

/**
 * What to change when nothing happens: one thing at a time, by what was fished today. Built once over a ranking; each
 * bucket holds, best first, the picks that agree in everything but one thing.
 */
final class Ladder
{
    /** Worths within this share of the best count as alike. */
    private const ALIKE = 0.9;

    /** Longest patience that is reckoned with, h. */
    private const LONGEST_H = 1000.0;

    /** @var array<string, float> worth of a way tied on now, by way */
    private array $worths = [];

    /**
     * @param  list<Pick>  $ranked
     * @param  array<string, list<int>>  $buckets  places in the ranking by what they have in common
     */
    private function __construct(private readonly array $ranked, private readonly array $buckets, private readonly Day $day, private readonly bool $vertical)
    {
    }

    /** @param  list<Pick>  $ranked best first */
    public static function over(array $ranked, Day $day, bool $vertical): self
    {
        $buckets = [];
        foreach ($ranked as $place => $pick) {
            foreach (self::common($pick->candidate) as $shared) {
                $buckets[$shared][] = $place;
            }
        }

        return new self($ranked, $buckets, $day, $vertical);
    }

    /** The change to make next, with the minutes to wait for it; null when nothing else can be changed. */
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

    /** Touches per rod-hour expected of a pick tied on now, or again. */
    private function worth(Pick $pick): float
    {
        $way = Day::way($pick->candidate);

        return $this->worths[$way] ??= $this->rate($pick) * (2 + $this->day->touches($way)) / (2 + $this->judgedBy($pick) * $this->day->hours($way));
    }

    private function rate(Pick $pick): float
    {
        return $this->day->level() * $pick->rateAgainst($this->ranked[0]);
    }

    /** What its hours are judged against: a poor day does not excuse a lure that fails. */
    private function judgedBy(Pick $pick): float
    {
        return max($this->day->level(), $this->day->usualRate) * $pick->rateAgainst($this->ranked[0]);
    }

    /** Minutes after which a pick has fallen to what a change to another would bring, but never less than a fair trial. */
    private function patience(Pick $pick, string $thing, Pick $other): float
    {
        $way = Day::way($pick->candidate);
        $wanted = $this->worth($other) * (1 - $this->day->trials->costMinutes($thing) / 60);
        $worth = fn (float $hours): float => $this->day->worth($way, $this->rate($pick), $this->judgedBy($pick), $hours);
        $low = 0.0;
        $high = 1.0;
        while ($worth($high) > $wanted && $high < self::LONGEST_H) {
            $high *= 2;
        }
        if ($worth(0.0) <= $wanted) {
            $high = 0.0;
        }
        while ($high - $low > 1e-6) {
            $middle = ($low + $high) / 2;
            $worth($middle) > $wanted ? $low = $middle : $high = $middle;
        }

        return max(60 * $high, $this->day->trials->fairMinutes($this->vertical) - 60 * $this->day->blank($way));
    }

    /** @param  list<Pick>  $seen */
    private function nextBut(Pick $pick, array $seen): ?Change
    {
        $options = [];
        foreach (self::common($pick->candidate) as $thing => $shared) {
            $best = null;
            foreach ($this->buckets[$shared] ?? [] as $place) {
                $other = $this->ranked[$place];
                if (self::differs($pick->candidate, $other->candidate, $thing) && ! in_array($other, $seen, true)
                    && ($best === null || $this->worth($other) > $this->worth($best) + 1e-12)) {
                    $best = $other;
                }
            }
            if ($best !== null) {
                $options[$thing] = $best;
            }
        }
        $most = $options === [] ? 0.0 : max(array_map($this->worth(...), $options));
        foreach ($options as $thing => $option) {
            if ($this->worth($option) >= self::ALIKE * $most - 1e-12) {
                return new Change($thing, $option, $this->patience($pick, $thing, $option));
            }
        }

        return null;
    }

    private static function differs(Candidate $one, Candidate $other, string $thing): bool
    {
        [$mine, $theirs] = [self::value($one, $thing), self::value($other, $thing)];

        // Another hole is one of two that have a name.
        return $mine !== $theirs && ($thing !== 'hole' || ($mine !== '' && $theirs !== ''));
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
            'finish' => $c->lure->look,
            'weight' => (string) round($c->lure->massKg / Lure::SAME_KG),
            'cadence' => $c->cadence->value ?? '',
            'hole' => $c->hole()->name ?? '',
            default => $c->lure->family->value,
        };
    }
}
