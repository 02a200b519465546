<?php

declare(strict_types=1);

namespace App\Rules;

use App\Models\RuleChoice;
use App\Models\User;
use Eskith\Core\Choosing\Chart\ChartFinding;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Record\RecordRule;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\UnusableRow;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The rule base as one angler has it: how much each rule counts, and rules of their own. The only writer of both. */
final readonly class AnglerRules
{
    /** Rules of their own an angler can have, and how many times its usual points a rule can count. */
    private const MOST_OWN = 40;

    public const MOST_WEIGHT = 4.0;

    /**
     * @param  array<string, float>  $weights  by rule id, where it is not 1
     * @param  list<CustomRule>  $own
     * @param  array<string, array<string, mixed>>  $fields  of the own rules, as kept
     * @param  list<UnusableRow>  $aside  own rules that cannot be read
     */
    private function __construct(
        private User $user, public array $weights, public array $own, public array $fields, public array $aside = [],
    ) {
    }

    public static function of(User $user): self
    {
        $weights = [];
        $own = [];
        $fields = [];
        $aside = [];
        foreach ($user->ruleChoices()->orderBy('id')->toBase()->get(['rule', 'weight', 'own']) as $row) {
            $id = Coerce::text($row->rule);
            if ($row->own !== null) {
                try {
                    /** @var array<string, mixed> $kept */
                    $kept = json_decode(Coerce::text($row->own), true, 16);
                    $own[] = CustomRuleForm::rule($id, $kept, $user->settings()->units);
                    $fields[$id] = $kept;
                } catch (InvalidInput|\TypeError) {
                    $aside[] = UnusableRow::rule($id);

                    continue;
                }
            }
            $weight = Coerce::number($row->weight);
            if ($weight !== 1.0) {
                $weights[$id] = max(0.0, min(self::MOST_WEIGHT, $weight));
            }
        }

        return new self($user, $weights, $own, $fields, $aside);
    }

    /** @param  Rule|null  $record  what the angler's record says, where it says something */
    public function book(?Rule $record = null): RuleBook
    {
        $book = RuleBook::standard()->with($this->own)->weighted($this->weights);

        return $record === null ? $book : $book->and($record);
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

    /** @throws InvalidInput when there is no such rule or it cannot count so much */
    public function weigh(string $id, float $weight): void
    {
        $this->demandWeight($id, $weight);
        if ($id !== RecordRule::ID && ! $this->book()->has($id) && ! ChartFindings::has($id)) {
            throw InvalidInput::because('rule', 'There is no such rule.');
        }
        $this->user->ruleChoices()->updateOrCreate(['rule' => $id], ['weight' => $weight]);
    }

    /** Every rule off, or every rule as it comes again; own rules stay. */
    public function weighAll(float $weight): void
    {
        $rows = array_map(fn (Rule|ChartFinding $rule): array => [
            'user_id' => $this->user->id, 'rule' => $rule->id, 'weight' => $weight,
            'own' => isset($this->fields[$rule->id]) ? json_encode($this->fields[$rule->id], JSON_THROW_ON_ERROR) : null,
        ], [...$this->book()->rules, ...ChartFindings::all()]);
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
        $others = array_filter($this->own, static fn (CustomRule $other): bool => $other->id !== $uuid);
        if (count($others) >= self::MOST_OWN) {
            throw InvalidInput::because('name', 'There is room for '.self::MOST_OWN.' rules of your own; take one away first.');
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
            $kept = [];
            foreach ($own as $uuid => $fields) {
                $kept[] = (new self($this->user, [], $kept, []))->keep($uuid, $fields);
            }
            $rules = new self($this->user, [], $kept, []);
            foreach ($weights as $id => $weight) {
                $rules->weigh($id, $weight);
            }
        });
    }

    private function demandWeight(string $id, float $weight): void
    {
        if (! is_finite($weight) || $weight < 0 || $weight > self::MOST_WEIGHT) {
            throw InvalidInput::because('weight', "Rule {$id} can count from 0 to ".self::MOST_WEIGHT.' times its usual points.');
        }
    }

    /** @param  array<int, CustomRule>  $others */
    private function demandNewName(CustomRule $rule, array $others): void
    {
        foreach ($others as $other) {
            if (mb_strtolower($other->name) === mb_strtolower($rule->name)) {
                throw InvalidInput::because(
                    'name',
                    "You have a rule \"{$other->name}\" already; change that one, or say otherwise what this one holds.",
                );
            }
        }
    }
}
