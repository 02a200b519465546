<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** What a lure, a hole and a cadence bring to the rules that are of all of them: added up part by part, without words. */
final class Together
{
    /** @var array<string, Score> by what is brought */
    private array $judged = [];

    /** @var array<int, float> most that any cadence brings, by the place of the rule in the book */
    private array $bestCadence = [];

    /** @var \WeakMap<Lure, float> points that each cannot go beyond */
    private readonly \WeakMap $most;

    /** @param  array<int, Rule>  $rules  those of all of it that speak, each by its place in the book */
    public function __construct(private readonly RuleBook $book, private readonly array $rules, private readonly Situation $situation)
    {
        $this->most = new \WeakMap;
    }

    /** @return array<int, float> by the place of each rule in the book */
    public function ofLure(Lure $lure): array
    {
        return array_map(fn (Rule $rule): float => $rule->parts?->ofLure($this->situation, $lure) ?? 0.0, $this->rules);
    }

    /**
     * The same with what the hole brings.
     *
     * @param  array<int, float>  $parts
     * @return array<int, float>
     */
    public function withHole(array $parts, ?Hole $hole): array
    {
        foreach ($this->rules as $place => $rule) {
            $parts[$place] += $rule->parts?->ofHole($hole) ?? 0.0;
        }

        return $parts;
    }

    /** @param  array<int, float>  $parts  of lure and hole */
    public function judged(array $parts, Cadence $cadence): Score
    {
        foreach ($this->rules as $place => $rule) {
            $parts[$place] += $rule->parts?->ofCadence($cadence) ?? 0.0;
        }

        return $this->judged[implode(' ', $parts)] ??= $this->score($parts);
    }

    /** Points that a lure cannot go beyond, whatever its hole and its cadence. */
    public function most(Lure $lure): float
    {
        return $this->most[$lure] ??= max(array_map(
            fn (?Hole $hole): float => $this->mostOn($this->withHole($this->ofLure($lure), $hole)), $lure->holes ?: [null],
        ));
    }

    /**
     * The same on a hole.
     *
     * @param  array<int, float>  $parts  of lure and hole
     */
    public function mostOn(array $parts): float
    {
        $most = 0.0;
        foreach ($this->rules as $place => $rule) {
            $brought = $parts[$place] + ($rule->parts === null
                ? 0.0 : $this->bestCadence[$place] ??= max(array_map($rule->parts->ofCadence(...), Cadence::cases())));
            $most += $rule->together($brought) * $this->book->weightAt[$place];
        }

        return $most;
    }

    /** @param  array<int, float>  $parts */
    private function score(array $parts): Score
    {
        $found = [];
        $points = 0.0;
        foreach ($this->rules as $place => $rule) {
            $brought = $rule->together($parts[$place]);
            if ($brought !== 0.0) {
                $found[$place] = new Reason($rule->id, round($brought * $this->book->weightAt[$place], 2), '');
                $points += $found[$place]->points;
            }
        }

        return new Score($found, $points);
    }
}
