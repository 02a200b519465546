<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Balance\Hang;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

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

    /** @var array<string, Score> by family, weight and working weight, with what holds for the family */
    private array $bodies = [];

    /** @var array<string, Score> */
    private array $finishes = [];

    /** @var array<string, array{float|null, float|null, Score}> hang angle, seconds and judgement by build and hole */
    private array $hung = [];

    /** @var array<string, Score> */
    private array $cadences = [];

    /** @var array<string, Score> by what lure, hole and cadence bring */
    private array $together = [];

    public function __construct(private readonly RuleBook $book, private readonly Situation $situation)
    {
        $this->rules = $book->speaking($situation);
    }

    /**
     * For another situation, in which only these readings are others: what cannot hang on them is judged already.
     *
     * @param  list<Reading>  $moved
     */
    public function moved(Situation $there, array $moved): self
    {
        $same = static function (Scope ...$scopes) use ($moved): bool {
            foreach ($scopes as $scope) {
                foreach ($moved as $reading) {
                    if ($scope->hangsOn($reading)) {
                        return false;
                    }
                }
            }

            return true;
        };
        $judge = new self($this->book, $there);
        if ($same(Scope::Family)) {
            $judge->families = $this->families;
        }
        if ($same(Scope::Family, Scope::Weight)) {
            $judge->bodies = $this->bodies;
        }
        if ($same(Scope::Look)) {
            $judge->finishes = $this->finishes;
        }
        if ($same(Scope::Hanging)) {
            $judge->hung = $this->hung;
        }
        if ($same(Scope::Cadence)) {
            $judge->cadences = $this->cadences;
        }

        return $judge;
    }

    /** Points of a lure, not yet on a hole. */
    public function points(Candidate $bare): float
    {
        $points = $this->body($bare)->points + $this->finish($bare)->points;

        return $this->rules[Scope::Lure->name] === [] ? $points : $points + $this->judge(Scope::Lure, $bare)->points;
    }

    /** @param  Candidate  $bare  a lure, not yet on a hole */
    public function lure(Candidate $bare): Score
    {
        $both = $this->body($bare)->and($this->finish($bare));

        return $this->rules[Scope::Lure->name] === [] ? $both : $both->and($this->judge(Scope::Lure, $bare));
    }

    private function body(Candidate $bare): Score
    {
        $lure = $bare->lure;
        $family = $this->families[$lure->family->value] ??= $this->judge(Scope::Family, $bare);

        return $this->bodies["{$lure->make} of {$bare->weighed->workingKg}"] ??= $family->and($this->judge(Scope::Weight, $bare));
    }

    private function finish(Candidate $bare): Score
    {
        return $this->finishes[$bare->lure->look] ??= $this->judge(Scope::Look, $bare);
    }

    /** @return array{Candidate, Score} the lure on the hole, with what the drop says of it */
    public function hole(Candidate $bare, ?int $hole): array
    {
        [$angle, $seconds, $judged] = $this->hungOn($bare, $hole);

        return [$bare->on($hole, $angle, $seconds), $judged];
    }

    /** @return array{float|null, float|null, Score} hang angle, seconds to the bottom, and what is judged of them */
    public function hungOn(Candidate $bare, ?int $hole): array
    {
        $key = "{$bare->lure->build}@{$hole}";
        if (! isset($this->hung[$key])) {
            $hung = self::hang($this->situation, $bare, $hole);
            $this->hung[$key] = [$hung->hangAngleDeg, $hung->secondsToBottom, $this->judge(Scope::Hanging, $hung)];
        }

        return $this->hung[$key];
    }

    /** A cadence is judged alike whatever the lure. */
    public function cadence(Candidate $bare, Cadence $cadence): Score
    {
        return $this->cadences[$cadence->value] ??= $this->judge(Scope::Cadence, $bare->worked($cadence));
    }

    /**
     * What a lure, a hole and a cadence bring to the rules that are of all of them, by the place of each rule in the book.
     *
     * @return array<int, float>
     */
    public function partsOfLure(Lure $lure): array
    {
        return array_map(fn (Rule $rule): float => $rule->parts?->ofLure($this->situation, $lure) ?? 0.0, $this->rules[Scope::All->name]);
    }

    /**
     * The same with what the hole brings.
     *
     * @param  array<int, float>  $parts
     * @return array<int, float>
     */
    public function withHole(array $parts, ?Hole $hole): array
    {
        foreach ($this->rules[Scope::All->name] as $place => $rule) {
            $parts[$place] += $rule->parts?->ofHole($hole) ?? 0.0;
        }

        return $parts;
    }

    /**
     * What is judged of all of it together, without words.
     *
     * @param  array<int, float>  $parts  of lure and hole
     */
    public function together(array $parts, Cadence $cadence): Score
    {
        foreach ($this->rules[Scope::All->name] as $place => $rule) {
            $parts[$place] += $rule->parts?->ofCadence($cadence) ?? 0.0;
        }

        return $this->together[implode(' ', $parts)] ??= $this->judgedTogether($parts);
    }

    /** The most points that lure, hole and cadence can bring together. */
    public function mostTogether(): float
    {
        return array_sum(array_map(
            fn (Rule $rule): float => $rule->stake * abs($this->book->weight($rule)), $this->rules[Scope::All->name],
        ));
    }

    /** @param  array<int, float>  $parts */
    private function judgedTogether(array $parts): Score
    {
        $found = [];
        $points = 0.0;
        foreach ($this->rules[Scope::All->name] as $place => $rule) {
            $brought = $rule->together($parts[$place]);
            if ($brought !== 0.0) {
                $found[$place] = new Reason($rule->id, round($brought * $this->book->weight($rule), 2), '');
                $points += $found[$place]->points;
            }
        }

        return new Score($found, $points);
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

    public static function hang(Situation $situation, Candidate $bare, ?int $hole): Candidate
    {
        $lure = $bare->lure;
        $at = $hole === null ? null : $lure->holes[$hole];
        $angle = Hang::ofLure($lure, $at);
        $seconds = $situation->columnIfStill === null
            ? null
            : Fall::of($lure->body, Falling::toTheBottom($situation, $lure, $at, $angle), $situation->columnIfStill)->seconds;

        return $bare->on($hole, $angle, $seconds);
    }

    private function judge(Scope $scope, Candidate $candidate): Score
    {
        $found = [];
        $points = 0.0;
        foreach ($this->rules[$scope->name] as $place => $rule) {
            $verdict = $rule->judge($this->situation, $candidate);
            if ($verdict !== null) {
                // Rounded, so that a weight like 7/6 does not break ties by its last digit.
                $found[$place] = new Reason($rule->id, round($verdict->points * $this->book->weight($rule), 2), $verdict->text);
                $points += $found[$place]->points;
            }
        }

        return new Score($found, $points);
    }
}
