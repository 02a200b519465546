<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\RuleChoice;
use App\Models\User;
use Eskith\Core\Choosing\Chart\ChartFinding;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Record\RecordRule;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptRule;
use Eskith\Telling\Rules\CustomRuleForm;
use Eskith\Telling\Rules\RuleChoices;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The rule base as one angler has it: how much each rule counts, and rules of their own. The only writer of both. */
final readonly class AnglerRules
{
    /** Rules of their own an angler can have. */
    private const MOST_OWN = 40;

    private function __construct(private User $user, public RuleChoices $choices)
    {
    }

    public static function of(User $user): self
    {
        return new self($user, self::choices($user));
    }

    public static function choices(User $user): RuleChoices
    {
        return RuleChoices::of(self::kept($user), $user->settings()->units);
    }

    /** @return list<KeptRule> */
    public static function kept(User $user): array
    {
        $rows = $user->ruleChoices()->orderBy('id')->toBase()->get(['rule', 'weight', 'own']);

        return array_values($rows->map(static fn (\stdClass $row): KeptRule => new KeptRule(
            Coerce::text($row->rule), Coerce::number($row->weight), $row->own === null ? null : Coerce::text($row->own),
        ))->all());
    }

    /** @throws InvalidInput when there is no such rule or it cannot count so much */
    public function weigh(string $id, float $weight): void
    {
        $this->demandWeight($id, $weight);
        if ($id !== RecordRule::ID && ! $this->choices->book()->has($id) && ! ChartFindings::has($id)) {
            throw InvalidInput::because('rule', 'There is no such rule.');
        }
        $this->user->ruleChoices()->updateOrCreate(['rule' => $id], ['weight' => $weight]);
    }

    /** Every rule off, or every rule as it comes again; own rules stay. */
    public function weighAll(float $weight): void
    {
        $rows = array_map(fn (Rule|ChartFinding $rule): array => [
            'user_id' => $this->user->id, 'rule' => $rule->id, 'weight' => $weight,
            'own' => isset($this->choices->fields[$rule->id]) ? json_encode($this->choices->fields[$rule->id], JSON_THROW_ON_ERROR) : null,
        ], [...$this->choices->book()->rules, ...ChartFindings::all()]);
        RuleChoice::query()->upsert($rows, ['user_id', 'rule'], ['weight']);
    }

    /**
     * Adds a rule, or writes one anew; the same twice changes nothing.
     *
     * @param  array<array-key, mixed>  $fields
     *
     * @throws InvalidInput
     */
    public function keep(string $uuid, array $fields): CustomRule
    {
        $rule = $this->read($uuid, $fields);
        $this->user->ruleChoices()->updateOrCreate(
            ['rule' => $uuid], ['own' => CustomRuleForm::kept($fields, $this->user->settings()->units)],
        );

        return $rule;
    }

    /**
     * @param  array<array-key, mixed>  $fields
     *
     * @throws InvalidInput
     */
    public function read(string $uuid, array $fields): CustomRule
    {
        if (! Str::isUuid($uuid)) {
            throw InvalidInput::because('id', 'A rule of your own has an id of its own, a UUID.');
        }
        $rule = CustomRuleForm::rule($uuid, $fields, $this->user->settings()->units);
        $others = array_filter($this->choices->own, static fn (CustomRule $other): bool => $other->id !== $uuid);
        if (count($others) >= self::MOST_OWN) {
            throw InvalidInput::because('name', 'There is room for {most} rules of your own. Take one away first.', most: self::MOST_OWN);
        }
        $this->demandNewName($rule, $others);

        return $rule;
    }

    public function drop(string $uuid): void
    {
        $this->user->ruleChoices()->where('rule', $uuid)->whereNotNull('own')->delete();
    }

    /** Back to the rule base as it comes. */
    public function reset(): void
    {
        $this->user->ruleChoices()->delete();
    }

    /**
     * Takes the place of everything there was, in one step.
     *
     * @param  array<string, float>  $weights
     * @param  array<string, array<array-key, mixed>>  $own  fields by uuid
     *
     * @throws InvalidInput when any of it cannot be used; then nothing has changed
     */
    public function replace(array $weights, array $own): void
    {
        DB::transaction(function () use ($weights, $own): void {
            $this->reset();
            foreach ($own as $uuid => $fields) {
                self::of($this->user)->keep($uuid, $fields);
            }
            $rules = self::of($this->user);
            foreach ($weights as $id => $weight) {
                $rules->weigh($id, $weight);
            }
        });
    }

    private function demandWeight(string $id, float $weight): void
    {
        if (! is_finite($weight) || $weight < 0 || $weight > RuleChoices::MOST_WEIGHT) {
            throw InvalidInput::because(
                'weight', 'Rule {id} can count from 0 to {most} times its usual points.', id: $id, most: RuleChoices::MOST_WEIGHT,
            );
        }
    }

    /** @param  array<int, CustomRule>  $others */
    private function demandNewName(CustomRule $rule, array $others): void
    {
        foreach ($others as $other) {
            if (mb_strtolower($other->name) === mb_strtolower($rule->name)) {
                throw InvalidInput::because(
                    'name', 'You have a rule "{other}" already. Change that one, or word this one differently.',
                    other: $other->name,
                );
            }
        }
    }
}
