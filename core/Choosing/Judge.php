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

    public function __construct(private readonly RuleBook $book, private readonly Situation $situation)
    {
        $this->rules = $book->speaking($situation);
    }

    /** @param  Candidate  $bare  a lure, not yet on a hole */
    public function lure(Candidate $bare): Score
    {
        $lure = $bare->lure;
        $family = $this->families[$lure->family->value] ??= $this->judge(Scope::Family, $bare);
        $body = $this->bodies["{$lure->make} of {$bare->weighed->workingKg}"] ??= $family->and($this->judge(Scope::Weight, $bare));
        $finish = $this->finishes[$lure->look] ??= $this->judge(Scope::Look, $bare);
        $both = $body->and($finish);

        return $this->rules[Scope::Lure->name] === [] ? $both : $both->and($this->judge(Scope::Lure, $bare));
    }

    /** @return array{Candidate, Score} the lure on the hole, with what the drop says of it */
    public function hole(Candidate $bare, ?int $hole): array
    {
        $key = "{$bare->lure->build}@{$hole}";
        if (! isset($this->hung[$key])) {
            $hung = self::hang($this->situation, $bare, $hole);
            $this->hung[$key] = [$hung->hangAngleDeg, $hung->secondsToBottom, $this->judge(Scope::Hanging, $hung)];
        }
        [$angle, $seconds, $judged] = $this->hung[$key];

        return [$bare->on($hole, $angle, $seconds), $judged];
    }

    /** A cadence is judged alike whatever the lure. */
    public function cadence(Candidate $bare, Cadence $cadence): Score
    {
        return $this->cadences[$cadence->value] ??= $this->judge(Scope::Cadence, $bare->worked($cadence));
    }

    /** Whether something is judged of lure, hole and cadence together, so that points do not simply add up. */
    public function judgesAll(): bool
    {
        return $this->rules[Scope::All->name] !== [];
    }

    /** What is judged of lure, hole and cadence together; null where nothing is. */
    public function all(Candidate $candidate): ?Score
    {
        return $this->rules[Scope::All->name] === [] ? null : $this->judge(Scope::All, $candidate);
    }

    /** @return list<Reason> for and against a candidate, in the order of the rule book */
    public function reasons(Candidate $candidate): array
    {
        $reasons = $this->lure($candidate)->reasons + $this->hole($candidate, $candidate->holeIndex)[1]->reasons
            + ($candidate->cadence === null ? [] : $this->cadence($candidate, $candidate->cadence)->reasons)
            + ($this->all($candidate)->reasons ?? []);
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
