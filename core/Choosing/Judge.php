<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Balance\Hang;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;

/**
 * Judges lures, holes and cadences for one situation. What lures share is judged once: those of one family and weight in
 * all that hangs on these, those of one finish in all that hangs on it, those of one build in all that hangs on the hole.
 */
final class Judge
{
    /** @var array<string, array<int, Rule>> those that speak, by scope, each by its place in the book */
    private readonly array $rules;

    /** @var array<string, Score> */
    private array $families = [];

    /** @var array<string, Score> by family, weight and working weight */
    private array $weights = [];

    /** @var array<string, Score> by family and weight */
    private array $leaning = [];

    /** @var array<string, Score> */
    private array $finishes = [];

    /** @var array<string, array{float|null}> hang angle, by build and hole: it hangs on no reading */
    private array $angles = [];

    /** @var array<string, array{float|null}> seconds to where it is worked, by build and hole */
    private array $seconds = [];

    /** @var array<string, Score> by build and hole */
    private array $hung = [];

    /** @var array<string, float> points of the hole on which it hangs best, by build */
    private array $hungBest = [];

    /** @var array<string, Score> by build and hole */
    private array $falls = [];

    private ?float $mostFalling = null;

    /** @var array<string, Score> of hanging and falling, by build and hole */
    private array $holes = [];

    /** @var array<string, Score> */
    private array $cadences = [];

    /** What lure, hole and cadence bring together. */
    public Together $together;

    /** @var array<string, list<array{Cadence, float}>> ways to work each sort of lure and their points, the best first */
    private array $ways = [];

    public function __construct(private readonly RuleBook $book, private readonly Situation $situation)
    {
        $this->rules = $book->speaking($situation);
        $this->together = new Together($book, $this->rules[Scope::All->name], $situation);
    }

    /**
     * For another situation, in which only these readings are others: what cannot hang on them is judged already.
     *
     * @param  list<Reading>  $moved
     */
    public function moved(Situation $there, array $moved): self
    {
        $same = fn (Scope $scope): bool => array_filter($moved, $scope->hangsOn(...)) === []
            || $scope->alike($moved, $this->situation, $there);
        $judge = new self($this->book, $there);
        $judge->families = $same(Scope::Family) ? $this->families : [];
        $judge->weights = $same(Scope::Weight) ? $this->weights : [];
        $judge->leaning = $same(Scope::Leaning) ? $this->leaning : [];
        $judge->finishes = $same(Scope::Look) ? $this->finishes : [];
        $judge->angles = $this->angles;
        $judge->seconds = array_filter($moved, Scope::fallHangsOn(...)) === [] ? $this->seconds : [];
        if ($same(Scope::Hanging)) {
            [$judge->hung, $judge->hungBest] = [$this->hung, $this->hungBest];
        }
        $judge->falls = $same(Scope::Falling) ? $this->falls : [];
        if ($same(Scope::Cadence)) {
            [$judge->cadences, $judge->ways] = [$this->cadences, $this->ways];
        }
        $judge->together = $same(Scope::All) ? $this->together : $judge->together;

        return $judge;
    }

    /** Points of a lure, not yet on a hole. */
    public function points(Candidate $bare): float
    {
        $points = 0.0;
        foreach ($this->ofLure($bare) as $judged) {
            $points += $judged->points;
        }

        return $points;
    }

    /** @param  Candidate  $bare  a lure, not yet on a hole */
    public function lure(Candidate $bare): Score
    {
        return Score::sum($this->ofLure($bare));
    }

    /** @return list<Score> of all that a lure is, not yet on a hole */
    private function ofLure(Candidate $bare): array
    {
        $lure = $bare->lure;
        $judged = [
            $this->families[$lure->family->value] ??= $this->judge(Scope::Family, $bare),
            $this->weights[Words::of(
                '{make} of {working}', make: $lure->make, working: $bare->weighed->workingKg,
            )] ??= $this->judge(Scope::Weight, $bare),
            $this->leaning[$lure->make] ??= $this->judge(Scope::Leaning, $bare),
            $this->finishes[$lure->look] ??= $this->judge(Scope::Look, $bare),
        ];
        if ($this->rules[Scope::Lure->name] !== []) {
            $judged[] = $this->judge(Scope::Lure, $bare);
        }

        return $judged;
    }

    /** @return array{Candidate, Score} the lure on the hole, with what the drop says of it */
    public function hole(Candidate $bare, ?int $hole): array
    {
        $key = "{$bare->lure->build}@{$hole}";
        $hung = $this->hang($bare, $hole, $key);

        return [$hung, $this->holes[$key] ??= Score::sum([
            $this->hanging($bare, $hole, $key), $this->falls[$key] ??= $this->judge(Scope::Falling, $hung),
        ])];
    }

    /** Points of how a lure hangs and falls on a hole. */
    public function pointsOn(Candidate $bare, ?int $hole): float
    {
        $key = "{$bare->lure->build}@{$hole}";
        $falls = $this->falls[$key] ??= $this->judge(Scope::Falling, $this->hang($bare, $hole, $key));

        return $this->hanging($bare, $hole, $key)->points + $falls->points;
    }

    /** Points that a lure cannot go beyond by how it hangs and falls, whatever its hole. */
    public function mostOnAnyHole(Candidate $bare): float
    {
        $lure = $bare->lure;
        if (! isset($this->hungBest[$lure->build])) {
            $most = -INF;
            foreach ($lure->holes === [] ? [null] : array_keys($lure->holes) as $hole) {
                $most = max($most, $this->hanging($bare, $hole, "{$lure->build}@{$hole}")->points);
            }
            $this->hungBest[$lure->build] = $most;
        }

        return $this->hungBest[$lure->build] + ($this->mostFalling ??= $this->most(Scope::Falling));
    }

    /** How fast it falls plays no part in it. */
    private function hanging(Candidate $bare, ?int $hole, string $key): Score
    {
        return $this->hung[$key] ??= $this->judge(Scope::Hanging, $bare->on($hole, $this->angle($bare->lure, $hole, $key), null));
    }

    private function hang(Candidate $bare, ?int $hole, string $key): Candidate
    {
        $lure = $bare->lure;
        $angle = $this->angle($lure, $hole, $key);
        [$seconds] = $this->seconds[$key] ??= [
            Falling::seconds($this->situation, $lure, $hole === null ? null : $lure->holes[$hole], $angle),
        ];

        return $bare->on($hole, $angle, $seconds);
    }

    private function angle(Lure $lure, ?int $hole, string $key): ?float
    {
        return ($this->angles[$key] ??= [Hang::ofLure($lure, $hole === null ? null : $lure->holes[$hole])])[0];
    }

    /** A cadence is judged alike whatever the lure. */
    public function cadence(Candidate $bare, Cadence $cadence): Score
    {
        return $this->cadences[$cadence->value] ??= $this->judge(Scope::Cadence, $bare->worked($cadence));
    }

    /** @return list<array{Cadence, float}> each way to work a lure and its points, the best first */
    public function ways(Candidate $bare): array
    {
        $sort = Cadence::sort($bare->lure);
        if (! isset($this->ways[$sort])) {
            $ways = array_map(
                fn (Cadence $cadence): array => [$cadence, $this->cadence($bare, $cadence)->points],
                Cadence::fitting($bare->lure, $this->situation->where()),
            );
            usort($ways, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
            $this->ways[$sort] = $ways;
        }

        return $this->ways[$sort];
    }

    private function most(Scope $scope): float
    {
        $most = 0.0;
        foreach ($this->rules[$scope->name] as $place => $rule) {
            $most += $rule->stake * abs($this->book->weightAt[$place]);
        }

        return $most;
    }

    /** @return list<Reason> for and against a candidate, in the order of the rule book */
    public function reasons(Candidate $candidate): array
    {
        $reasons = $this->lure($candidate)->reasons + $this->hole($candidate, $candidate->holeIndex)[1]->reasons
            + ($candidate->cadence === null ? [] : $this->cadence($candidate, $candidate->cadence)->reasons)
            + $this->judge(Scope::All, $candidate)->reasons;
        ksort($reasons);

        return array_values($reasons);
    }

    private function judge(Scope $scope, Candidate $candidate): Score
    {
        $found = [];
        $points = 0.0;
        foreach ($this->rules[$scope->name] as $place => $rule) {
            if ($rule->cadence !== null && $rule->cadence !== $candidate->cadence) {
                continue;
            }
            $verdict = $rule->judge($this->situation, $candidate);
            if ($verdict !== null) {
                // Rounded, so that a weight like 7/6 does not break ties by its last digit.
                $found[$place] = new Reason($rule->id, round($verdict->points * $this->book->weightAt[$place], 2), $verdict->text);
                $points += $found[$place]->points;
            }
        }

        return new Score($found, $points);
    }
}
