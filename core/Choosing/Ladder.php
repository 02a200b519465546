<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;

/** What to change when nothing happens: one thing at a time, by what was fished today. Built once over a ranking. */
final class Ladder
{
    /** Worths within this share of the best count as alike. */
    private const ALIKE = 0.9;

    /** Longest patience that is reckoned with, h. */
    private const LONGEST_H = 1000.0;

    /** What may be changed, in the order of trying. */
    private const THINGS = ['finish', 'weight', 'cadence', 'hole', 'family'];

    /** @var array<int, string> by place */
    private array $ways = [];

    /** @var array<string, list<int>> places by way */
    private array $fished = [];

    /** @var array<int|string, list<int>> places by lure */
    private array $ofLure = [];

    /** @var array<int|string, Lure> those of the ranking, by id */
    private array $lures = [];

    /** @var array<string, list<Lure>> those that agree with a lure in all but one thing, by that thing and its id */
    private array $peers = [];

    /** @var array<int, float> worth tied on now, by place */
    private array $worths = [];

    /** @var array<int, true> places of what was fished today */
    private array $known = [];

    /** @var array<int, int> place by the id of the pick */
    private array $places = [];

    private float $level;

    /** @param  list<Pick>  $ranked best first */
    private function __construct(private readonly array $ranked, private readonly Day $day, private readonly bool $vertical)
    {
        $this->level = $day->level();
        foreach ($ranked as $place => $pick) {
            $lure = $pick->candidate->lure;
            $way = Day::way($pick->candidate);
            $this->places[spl_object_id($pick)] = $place;
            $this->ways[$place] = $way;
            $this->fished[$way][] = $place;
            $this->ofLure[$lure->id][] = $place;
            $this->lures[$lure->id] = $lure;
            if ($day->stints !== [] && $day->knows($way)) {
                $this->known[$place] = true;
            }
        }
    }

    /** @param  list<Pick>  $ranked best first */
    public static function over(array $ranked, Day $day, bool $vertical): self
    {
        return new self($ranked, $day, $vertical);
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

    /** Bites per rod-hour expected of a pick tied on now, or again. */
    private function worth(int $place): float
    {
        if (! isset($this->worths[$place])) {
            $way = $this->ways[$place];
            $this->worths[$place] = $this->rate($place) * (2 + $this->day->touches($way)) / (
                2 + $this->judgedBy($place) * $this->day->hours($way)
            );
        }

        return $this->worths[$place];
    }

    private function rate(int $place): float
    {
        return $this->level * $this->ranked[$place]->rateAgainst($this->ranked[0]);
    }

    /** What its hours are judged against: a poor day does not excuse a lure that fails. */
    private function judgedBy(int $place): float
    {
        return max($this->level, $this->day->usualRate) * $this->ranked[$place]->rateAgainst($this->ranked[0]);
    }

    /** Minutes after which a pick has fallen to what a change to another would bring, but never less than a fair trial. */
    private function patience(int $place, string $thing, int $other): float
    {
        $way = $this->ways[$place];
        $wanted = $this->worth($other) * (1 - $this->day->trials->costMinutes($thing) / 60);
        $worth = $this->day->falling($way, $this->rate($place), $this->judgedBy($place));
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
        foreach (self::THINGS as $thing) {
            $best = $this->bestOf($pick, $thing, $this->alike($pick->candidate, $thing), $seen);
            if ($best !== null) {
                $options[$thing] = $best;
            }
        }
        $most = $options === [] ? 0.0 : max(array_map($this->worth(...), $options));
        foreach ($options as $thing => $option) {
            if ($this->worth($option) >= self::ALIKE * $most - 1e-12) {
                return new Change($thing, $this->ranked[$option], $this->patience($this->places[spl_object_id($pick)], $thing, $option));
            }
        }

        return null;
    }

    /**
     * The one of most worth that differs in the thing. What was not fished today is worth what its points say, so that of
     * those the first is the best.
     *
     * @param  list<int>  $places
     * @param  list<Pick>  $seen
     */
    private function bestOf(Pick $pick, string $thing, array $places, array $seen): ?int
    {
        $best = null;
        $fresh = false;
        foreach ($places as $place) {
            $known = $this->known[$place] ?? false;
            if (
                ($fresh && ! $known)
                    || ! self::differs($pick->candidate, $this->ranked[$place]->candidate, $thing)
                    || in_array($this->ranked[$place], $seen, true)
            ) {
                continue;
            }
            $fresh = $fresh || ! $known;
            if ($best === null || $this->worth($place) > $this->worth($best) + 1e-12) {
                $best = $place;
            }
        }

        return $best;
    }

    private static function differs(Candidate $one, Candidate $other, string $thing): bool
    {
        [$mine, $theirs] = [self::value($one, $thing), self::value($other, $thing)];

        // Another hole is one of two that have a name.
        return $mine !== $theirs && ($thing !== 'hole' || ($mine !== '' && $theirs !== ''));
    }

    /**
     * Places, best first, of what has all in common with a candidate but one thing. A change of family brings its own
     * hole and cadence.
     *
     * @return list<int>
     */
    private function alike(Candidate $c, string $thing): array
    {
        if ($thing === 'cadence' || $thing === 'hole') {
            $kept = $thing === 'cadence' ? 'hole' : 'cadence';
            $value = self::value($c, $kept);

            return array_values(
                array_filter(
                    $this->ofLure[$c->lure->id],
                    fn (int $place): bool => self::value($this->ranked[$place]->candidate, $kept) === $value,
                ),
            );
        }
        $places = [];
        foreach ($this->peers($c->lure, $thing) as $peer) {
            $places[] = $thing === 'family'
                ? $this->ofLure[$peer->id]
                : $this->fished["{$peer->id}|{$c->hole()?->name}|{$c->cadence?->value}"] ?? [];
        }
        $places = array_merge(...$places);
        sort($places);

        return $places;
    }

    /** @return list<Lure> that differ from a lure in one thing of the lure alone */
    private function peers(Lure $lure, string $thing): array
    {
        $differ = static function (Lure $other) use ($lure, $thing): bool {
            $differing = array_keys(array_filter([
                'finish' => $other->look !== $lure->look,
                'weight' => self::weight($other) !== self::weight($lure),
                'family' => $other->family !== $lure->family,
            ]));

            return $differing === [$thing];
        };

        return $this->peers["{$thing}|{$lure->id}"] ??= array_values(array_filter($this->lures, $differ));
    }

    /** In steps that count as the same weight. */
    private static function weight(Lure $lure): float
    {
        return Mass::rank($lure->massKg);
    }

    private static function value(Candidate $c, string $thing): string
    {
        return match ($thing) {
            'finish' => $c->lure->look,
            'weight' => (string) self::weight($c->lure),
            'cadence' => $c->cadence->value ?? '',
            'hole' => $c->hole()->name ?? '',
            default => $c->lure->family->value,
        };
    }
}
