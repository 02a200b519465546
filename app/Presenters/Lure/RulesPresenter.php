<?php

declare(strict_types=1);

namespace App\Presenters\Lure;

use App\Data\Rules\ChangesData;
use App\Data\Rules\ConditionData;
use App\Data\Rules\CustomRuleData;
use App\Data\Rules\MoveData;
use App\Data\Rules\ReadingWordsData;
use App\Data\Rules\RuleData;
use App\Data\Rules\RuleGroupData;
use Eskith\Core\Choosing\Chart\ChartFinding;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Eskith\Core\Choosing\Custom\Condition;
use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Custom\LureFilter;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Lure\Points;

/** The rule book as the angler has it, what each rule says today, and what their changes do to the order. */
final readonly class RulesPresenter
{
    /** Lures told of, at least. */
    private const MOVES = 6;

    private const ON_CHARTS = 'Where to look first';

    private const GROUPS = [
        'F' => 'Which family', 'W' => 'Which weight', 'H' => 'Which hole', 'C' => 'Which finish', 'K' => 'Which cadence',
        'R' => 'Your record',
    ];

    public function __construct(private RankedBox $rankedBox)
    {
    }

    /** @return list<RuleGroupData> own rules first, when there are any */
    public function groups(): array
    {
        $speaking = $this->speaking();
        $own = array_column($this->rankedBox->choices->own, null, 'id');
        $groups = [];
        foreach ($this->rankedBox->rules->rules as $rule) {
            $title = isset($own[$rule->id]) ? 'Your own' : self::GROUPS[$rule->id[0]];
            $weight = $this->rankedBox->rules->weight($rule);
            $groups[$title][] = new RuleData(
                id: $rule->id,
                says: $this->rankedBox->situation->say->temperatures($rule->says),
                weight: $weight,
                most: round($rule->stake * $weight, 2),
                usual: $rule->stake,
                per: $rule->per,
                today: $this->today($rule, $weight, $speaking[$rule->id] ?? 0),
                own: isset($own[$rule->id]) ? $this->own($own[$rule->id]) : null,
            );
        }
        $groups = array_replace(isset($groups['Your own']) ? ['Your own' => []] : [], $groups);

        $groups[self::ON_CHARTS] = $this->onCharts();

        return array_map(
            static fn (string $title, array $rules): RuleGroupData => new RuleGroupData($title, $rules), array_keys($groups),
            $groups,
        );
    }

    /** @return list<RuleData> what speaks for a part of a bottom: it orders Places, not the box */
    private function onCharts(): array
    {
        return array_map(function (ChartFinding $finding): RuleData {
            $weight = $this->rankedBox->choices->weights[$finding->id] ?? 1.0;

            return new RuleData(
                id: $finding->id, says: $finding->says, weight: $weight, most: round($finding->stake * $weight, 2),
                usual: $finding->stake, per: '', today: $weight === 0.0 ? 'off' : 'on charts', own: null,
            );
        }, ChartFindings::all());
    }

    /**
     * What an own rule may ask for.
     *
     * @return array{readings: list<ReadingWordsData>, families: list<string>, finishes: list<string>}
     */
    public function words(): array
    {
        $finishes = array_map(static fn (Lure $lure): string => $lure->finish, $this->rankedBox->box);
        sort($finishes);
        $option = static fn (Reading $reading): \Closure => static fn (string $choice): OptionData => new OptionData(
            $choice, $reading->saying($choice),
        );

        return [
            'readings' => array_map(static fn (Reading $reading): ReadingWordsData => new ReadingWordsData(
                $reading->value, ucfirst($reading->word()), array_map($option($reading), $reading->choices()),
            ), Reading::used()),
            'families' => LureFilter::FAMILIES,
            'finishes' => array_values(array_unique([...array_column(Finish::cases(), 'value'), ...$finishes])),
        ];
    }

    /** What the angler's rules make of the order that the rules as they come give. */
    public function changes(): ChangesData
    {
        return self::between($this->rankedBox->by(RuleBook::standard()), $this->rankedBox);
    }

    /** What these rules would make of the order. */
    public function trying(RuleBook $rules): ChangesData
    {
        return self::between($this->rankedBox, $this->rankedBox->by($rules));
    }

    private static function between(RankedBox $before, RankedBox $after): ChangesData
    {
        [$places, $points] = self::places($before);
        [$newPlaces, $newPoints] = self::places($after);
        $names = new LureNames($after->situation->say);
        $byLure = $after->byLure();
        $moves = [];
        foreach ($newPlaces as $id => $place) {
            if ($place <= self::MOVES || $places[$id] <= 3) {
                $moves[] = new MoveData(
                    $names->title($byLure[$id][0]->candidate->lure), $places[$id], $place, Points::plain($points[$id]),
                    Points::plain($newPoints[$id]),
                );
            }
        }

        return new ChangesData(self::sentence($before, $after, $places === $newPlaces, $points === $newPoints, $names), $moves);
    }

    private static function sentence(RankedBox $before, RankedBox $after, bool $sameOrder, bool $samePoints, LureNames $names): string
    {
        [$was, $is] = [$before->ranked[0] ?? null, $after->ranked[0] ?? null];
        if ($was === null || $is === null) {
            return 'Nothing in the box yet.';
        }

        return match (true) {
            $after->rules->isSilent() => 'Every rule is off: the fewest changes from your line come first, then the lighter.',
            $was->candidate->lure->id !== $is->candidate->lure->id => Words::of(
                'The {lure} comes first, in place of the {before}.',
                lure: $names->lure($is->candidate->lure), before: $names->lure($was->candidate->lure),
            ),
            RankedBox::key($was) !== RankedBox::key($is) => Words::of(
                'The {lure} stays first, but by the {way}.',
                lure: $names->lure($is->candidate->lure), way: $names->way($is->candidate, $after->situation),
            ),
            ! $sameOrder => 'The first stays first. Others change places.',
            ! $samePoints => 'Points change, the order does not.',
            default => 'Today this changes nothing.',
        };
    }

    /** @return array{array<int|string, int>, array<int|string, float>} place and points by lure, best first */
    private static function places(RankedBox $rankedBox): array
    {
        $byLure = $rankedBox->byLure();

        return [
            array_combine(array_keys($byLure), array_map(static fn (int $i): int => $i + 1, array_keys(array_values($byLure)))),
            array_map(static fn (array $ways): float => $ways[0]->points, $byLure),
        ];
    }

    /** @return array<string, int> lures of which each rule says something today, in any way to fish them */
    private function speaking(): array
    {
        $count = [];
        foreach ($this->rankedBox->byLure() as $ways) {
            $rules = array_unique(array_merge(...array_map(static fn (Pick $pick): array => $pick->rules(), $ways)));
            foreach ($rules as $rule) {
                $count[$rule] = ($count[$rule] ?? 0) + 1;
            }
        }

        return $count;
    }

    private function today(Rule $rule, float $weight, int $lures): string
    {
        $missing = $rule->missing($this->rankedBox->situation);

        return match (true) {
            $weight === 0.0 => 'off',
            $missing !== [] => Words::of(
                'waits for: {missing}',
                missing: implode(', ', array_map(static fn (Reading $need): string => $need->missing(), $missing)),
            ),
            $lures === 0 => 'not used today',
            default => Words::of('affects {lures|# lure|# lures}', lures: $lures),
        };
    }

    private function own(CustomRule $rule): CustomRuleData
    {
        $fields = $this->rankedBox->choices->fields[$rule->id];
        $say = $this->rankedBox->situation->say;
        /** @var list<array{reading: string, from?: string, to?: string, any?: list<string>}> $when */
        $when = $fields['when'];
        /** @var array{from: string, to: string} $lures */
        $lures = $fields['lures'];
        $asked = implode(', ', array_map(static fn (Condition $condition): string => $condition->asks($say), $rule->when));

        return new CustomRuleData(
            name: $rule->name,
            points: $rule->points,
            when: array_map(
                static fn (array $one): ConditionData => new ConditionData(
                    $one['reading'], $one['from'] ?? '', $one['to'] ?? '', $one['any'] ?? [],
                ),
                $when,
            ),
            families: $rule->lures->families,
            finishes: $rule->lures->finishes,
            from: $lures['from'],
            to: $lures['to'],
            asks: Words::of(
                '{it}: {points} for {lures}',
                it: ucfirst($asked === '' ? 'always' : Words::of('when {asked}', asked: $asked)),
                points: Points::signed($rule->points),
                lures: $rule->lures->words($say),
            ),
        );
    }
}
