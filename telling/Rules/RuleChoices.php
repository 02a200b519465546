<?php

declare(strict_types=1);

namespace Eskith\Telling\Rules;

use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Kept\KeptRule;
use Eskith\Telling\Kept\UnusableRow;

/** The rule base as one angler has it: how much each rule counts, and rules of their own. */
final readonly class RuleChoices
{
    /** How many times its usual points a rule can count. */
    public const MOST_WEIGHT = 4.0;

    /**
     * @param  array<string, float>  $weights  by rule id, where it is not 1
     * @param  list<CustomRule>  $own
     * @param  array<string, array<string, mixed>>  $fields  of the own rules, as kept
     * @param  list<UnusableRow>  $aside  own rules that cannot be read
     */
    private function __construct(public array $weights, public array $own, public array $fields, public array $aside)
    {
    }

    /** @param  list<KeptRule>  $kept */
    public static function of(array $kept, UnitSet $units): self
    {
        $weights = [];
        $own = [];
        $fields = [];
        $aside = [];
        foreach ($kept as $rule) {
            if ($rule->own !== null) {
                try {
                    $as = json_decode($rule->own, true, 16);
                    if (! is_array($as)) {
                        throw InvalidInput::because('own', 'A rule is a group of fields.');
                    }
                    /** @var array<string, mixed> $as */
                    $own[] = CustomRuleForm::rule($rule->id, $as, $units);
                    $fields[$rule->id] = $as;
                } catch (InvalidInput) {
                    $aside[] = UnusableRow::rule($rule->id);

                    continue;
                }
            }
            if ($rule->weight !== 1.0) {
                $weights[$rule->id] = max(0.0, min(self::MOST_WEIGHT, $rule->weight));
            }
        }

        return new self($weights, $own, $fields, $aside);
    }

    public function book(): RuleBook
    {
        return RuleBook::standard()->with($this->own)->weighted($this->weights);
    }

    public function isAsItComes(): bool
    {
        return $this->weights === [] && $this->own === [];
    }

    /** The same with one more rule, or with one written anew, which is not kept. */
    public function trying(CustomRule $rule): RuleBook
    {
        $own = [...array_filter($this->own, static fn (CustomRule $other): bool => $other->id !== $rule->id), $rule];

        return RuleBook::standard()->with($own)->weighted([...$this->weights, $rule->id => 1.0]);
    }
}
