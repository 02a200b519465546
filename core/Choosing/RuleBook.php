<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Rules\CadenceRules;
use Eskith\Core\Choosing\Rules\FamilyRules;
use Eskith\Core\Choosing\Rules\FinishRules;
use Eskith\Core\Choosing\Rules\HoleRules;
use Eskith\Core\Choosing\Rules\WeightRules;

/** All rules in the order in which their reasons are given, each with a weight that the angler may change. */
final readonly class RuleBook
{
    /** @var list<float> by the place of the rule in the book; 0 is switched off */
    public array $weightAt;

    /**
     * @param  list<Rule>  $rules
     * @param  array<string, float>  $weights  by rule id; 1 where absent, 0 is switched off
     */
    private function __construct(public array $rules, private array $weights)
    {
        $this->weightAt = array_map($this->weight(...), $rules);
    }

    public static function standard(): self
    {
        return new self([
            ...FamilyRules::all(), ...WeightRules::all(), ...HoleRules::all(), ...FinishRules::all(), ...CadenceRules::all(),
        ], []);
    }

    /** @param  array<string, float>  $weights by rule id */
    public function weighted(array $weights): self
    {
        return new self($this->rules, [...$this->weights, ...$weights]);
    }

    /** @param  list<CustomRule>  $own  stand after the others, in this order */
    public function with(array $own): self
    {
        return new self([...$this->rules, ...array_map(static fn (CustomRule $rule): Rule => $rule->rule(), $own)], $this->weights);
    }

    /** @param  Rule  $rule  stands after the others */
    public function and(Rule $rule): self
    {
        return new self([...$this->rules, $rule], $this->weights);
    }

    public function has(string $id): bool
    {
        return in_array($id, array_column($this->rules, 'id'), true);
    }

    /** Whether every rule is switched off, so that only ties order a box. */
    public function isSilent(): bool
    {
        return array_filter($this->rules, fn (Rule $rule): bool => $this->weight($rule) !== 0.0) === [];
    }

    public function weight(Rule $rule): float
    {
        return $this->weights[$rule->id] ?? 1.0;
    }

    /**
     * @return array<string, array<int, Rule>> those that are switched on and have their readings, by scope and by their place
     * in the order
     */
    public function speaking(Situation $situation): array
    {
        $speaking = array_fill_keys(array_column(Scope::cases(), 'name'), []);
        foreach ($this->rules as $place => $rule) {
            if ($this->weightAt[$place] !== 0.0 && $rule->missing($situation) === []) {
                $speaking[$rule->scope->name][$place] = $rule;
            }
        }

        return $speaking;
    }

    /** The missing reading that silences the most points, or null when none is missing. */
    public function mostWanted(Situation $situation): ?Reading
    {
        // Fish that hang somewhere nobody knows make every line and count a guess: that is asked for first.
        if ($situation->isFishDepthAssumed()) {
            return Reading::FishDepth;
        }
        $stakes = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->missing($situation) as $need) {
                $stakes[$need->value] = ($stakes[$need->value] ?? 0.0) + $rule->stake * $this->weight($rule);
            }
        }
        arsort($stakes);
        $first = array_key_first(array_intersect_key($stakes, array_flip(array_column(Reading::FIRST, 'value'))) ?: $stakes);

        return $first === null ? null : Reading::from($first);
    }
}
