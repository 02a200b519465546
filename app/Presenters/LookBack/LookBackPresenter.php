<?php

declare(strict_types=1);

namespace App\Presenters\LookBack;

use App\Data\LookBack\BackDownData;
use App\Data\LookBack\BitesAtData;
use App\Data\LookBack\DotData;
use App\Data\LookBack\OutingBitesData;
use App\Data\LookBack\PairData;
use App\Data\LookBack\PairOutingData;
use App\Data\LookBack\RatesData;
use App\Data\LookBack\RecordFindingData;
use App\Data\LookBack\ShareOfData;
use App\Data\LookBack\StageData;
use App\Data\LookBack\StagesData;
use App\Data\Pages\LookBackPage;
use App\Models\User;
use App\Rows\AfterFish;
use App\Rows\BiteReader;
use App\Rows\OutingSummary;
use App\Rows\SeasonFilter;
use App\Rows\SeasonReader;
use Eskith\Core\Record\BackDown;
use Eskith\Core\Record\Comparison;
use Eskith\Core\Record\ComparisonVerdict;
use Eskith\Core\Record\Dot;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Gaps;
use Eskith\Core\Record\Rates;
use Eskith\Core\Record\Season;
use Eskith\Core\Record\SetupResult;
use Eskith\Core\Record\Stage;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\OptionData;

/** The Look back station: what the record says, sentences first. */
final readonly class LookBackPresenter
{
    /** Sentences that lead, at most. */
    private const SENTENCES = 5;

    /** Pairs listed. */
    private const PAIRS = 40;

    /** Outings told of a pair. */
    private const WITHIN = 12;

    private Season $season;

    /** @var array<int, SetupResult> by setup */
    private array $fishing;

    private BiteReader $bites;

    private ?BackDown $backDown;

    /** @param  SeasonReader  $whole  of which a part is looked at */
    private function __construct(
        private User $user, private SeasonFilter $filter, private SeasonReader $reader, private SeasonReader $whole,
    ) {
        $this->fishing = array_map(static fn (array $one): SetupResult => $one[1], $reader->fishing());
        $this->season = new Season(array_values($this->fishing));
        $this->bites = BiteReader::of($user, $reader->fished);
        $this->backDown = BackDown::of(AfterFish::backDown($user, $reader->fished));
    }

    public static function of(User $user, SeasonFilter $filter): self
    {
        $whole = SeasonReader::of($user, SeasonFilter::none());

        return new self($user, $filter, $whole->within($filter), $whole);
    }

    public function page(Factor $factor, Factor $stageFactor): LookBackPage
    {
        $pairs = $this->season->allComparisons();
        $clear = count(array_filter($pairs, static fn (Comparison $pair): bool => $pair->standing === ComparisonVerdict::Clear));
        $findings = $this->findings($pairs);
        $units = $this->user->settings()->units;

        return new LookBackPage(
            headline: $findings === [] ? 'Nothing is kept yet that could be compared' : rtrim($findings[0]->words, '.'),
            under: $findings === []
                ? 'Log your bites on Fish. After a few outings this says what worked, and how sure that is.'
                : Words::sentences($findings[0]->under, Words::of(
                    '{pairs|# comparison|# comparisons}, {clear} clear.', pairs: count($pairs), clear: $clear,
                )),
            findings: array_slice($findings, 1),
            rates: $this->rates($factor),
            stages: $this->stages($stageFactor),
            pairs: array_map($this->pair(...), array_slice($pairs, 0, self::PAIRS)),
            outings: $this->outings(),
            schools: [
                ...SchoolPresenter::all($this->season),
                SchoolPresenter::fouling(AfterFish::fouled($this->user, $this->reader->fished)),
            ],
            filters: FilterPresenter::of($this->user)->all($this->whole->outings()),
            chosen: $this->filter->query(),
            factors: array_map(static fn (Factor $one): OptionData => new OptionData($one->value, $one->word()), Factor::cases()),
            compared: (string) count($pairs),
            repeat: RepeatPresenter::of($this->user, $this->bites),
            depthUnit: $units->depth->symbol(),
            depthPerM: $units->depth->fromSi(1.0),
        );
    }

    /**
     * @param  list<Comparison>  $pairs
     * @return list<RecordFindingData>
     */
    private function findings(array $pairs): array
    {
        $found = [];
        foreach ([[ComparisonVerdict::Clear, 2], [ComparisonVerdict::Vanishes, 1], [ComparisonVerdict::Close, 1]] as [$standing, $most]) {
            $of = array_values(array_filter($pairs, static fn (Comparison $pair): bool => $pair->standing === $standing));
            foreach (array_slice(self::oneOfEach($of), 0, $most) as $pair) {
                $found[] = new RecordFindingData(
                    RecordWords::claim($pair), RecordWords::ground($pair, $this->where($pair)), $pair->standing->value, 'same-day',
                    $pair->factor->value,
                );
            }
        }
        $stage = $this->season->allStages();
        if ($stage->touches > 0) {
            $found[] = new RecordFindingData(RecordWords::stage($stage), '', '', 'stages', '');
        }
        if ($this->backDown !== null) {
            $found[] = new RecordFindingData(RecordWords::backDown($this->backDown), '', '', 'stages', '');
        }
        $gaps = Gaps::of($this->bites->times);
        if ($gaps !== null) {
            $found[] = new RecordFindingData(RecordWords::gaps($gaps), '', '', 'season', '');
        }

        return array_slice($found, 0, self::SENTENCES);
    }

    /**
     * The first of each factor: a thing is not said twice over.
     *
     * @param  list<Comparison>  $pairs
     * @return list<Comparison>
     */
    private static function oneOfEach(array $pairs): array
    {
        $first = [];
        $said = [];
        foreach ($pairs as $pair) {
            // What only differed with something that was said is not said again.
            if (! isset($said[$pair->factor->value])) {
                $first[] = $pair;
                $said += array_fill_keys(array_column([$pair->factor, ...$pair->companions], 'value'), true);
            }
        }

        return $first;
    }

    /** "at 36–41 °F" of the outings in which both were fished. */
    private function where(Comparison $pair): string
    {
        $with = [];
        foreach ($this->fishing as $one) {
            $level = $one->levels[$pair->factor->value] ?? null;
            if ($level === $pair->more || $level === $pair->less) {
                $with[$one->outing][$level] = true;
            }
        }
        $temps = [];
        foreach ($this->reader->outings() as $outing) {
            if (count($with[$outing->key] ?? []) === 2 && $outing->tempC !== null) {
                $temps[] = round($this->user->settings()->units->temperature->fromSi($outing->tempC));
            }
        }
        if ($temps === []) {
            return '';
        }
        [$low, $high] = [min($temps), max($temps)];
        $unit = $this->user->settings()->units->temperature->symbol();

        return $low === $high
            ? Words::of("at {low}\u{A0}{unit}", low: $low, unit: $unit)
            : Words::of("at {low}–{high}\u{A0}{unit}", low: $low, high: $high, unit: $unit);
    }

    private function rates(Factor $factor): RatesData
    {
        $dots = $this->season->dots($factor);
        $first = $dots[0] ?? null;
        $words = match (true) {
            $first === null => 'Nothing of that is kept.',
            count($dots) === 1 => RecordWords::rate($first->rate, $first->hours).'.',
            $first->best >= 0.8 => Words::of(
                '{factor} is {best} % likely the best, before allowing for good and bad days.',
                factor: ucfirst($factor->named($first->level)), best: round(100 * $first->best),
            ),
            default => Words::of(
                'Too close to call: {factor} leads, {best} % likely the best.',
                factor: $factor->named($first->level), best: round(100 * $first->best),
            ),
        };

        return new RatesData($factor->value, $words, array_map(static fn (Dot $dot): DotData => new DotData(
            level: $dot->level, mean: round($dot->rate->mean, 4), low: round($dot->rate->q10, 4), high: round($dot->rate->q90, 4),
            hours: RecordWords::hours($dot->hours), touches: (int) $dot->touches, outings: count($dot->byOuting),
            best: (int) round(100 * $dot->best),
        ), $dots));
    }

    private function stages(Factor $factor): StagesData
    {
        return new StagesData(
            $factor->value, self::stage($this->season->allStages()), array_map(self::stage(...), $this->season->stages($factor)),
            array_map(static fn (array $class): BackDownData => new BackDownData(
                RecordWords::downAgain($class['upToS']), self::share($class['followed'], $class['of'], $class['share']),
            ), $this->backDown->classes ?? []),
        );
    }

    private static function stage(Stage $stage): StageData
    {
        return new StageData(
            level: $stage->level,
            touches: $stage->touches,
            hooked: self::share($stage->hooked, $stage->touches, $stage->hookedShare),
            landed: self::share($stage->landed, $stage->hooked, $stage->landedShare),
            fouled: self::share($stage->fouls, $stage->drops, $stage->fouledShare),
            refused: self::share($stage->refused, $stage->seen, $stage->refusedShare),
        );
    }

    private static function share(int $count, int $of, Rates $rate): ShareOfData
    {
        return new ShareOfData($count, $of, round($rate->mean, 4), round($rate->q10, 4), round($rate->q90, 4));
    }

    private function pair(Comparison $pair): PairData
    {
        $round = static fn (?float $value): ?float => $value === null ? null : round($value, 4);

        return new PairData(
            factor: $pair->factor->word(), more: $pair->more, less: $pair->less, ratio: $round($pair->ratio->ratio),
            low: $round($pair->ratio->low), high: $round($pair->ratio->high), raw: $round($pair->raw), outings: $pair->ratio->outings,
            hours: Words::of(
                '{hoursMore} and {hoursLess}',
                hoursMore: RecordWords::hours($pair->hoursMore), hoursLess: RecordWords::hours($pair->hoursLess),
            ), standing: $pair->standing->value,
            words: RecordWords::comparison($pair), within: $pair->standing === ComparisonVerdict::Thin ? [] : $this->within($pair),
        );
    }

    /** @return list<PairOutingData> the outings in which both were fished, newest first */
    private function within(Comparison $pair): array
    {
        $found = [];
        foreach (array_reverse($this->reader->outings()) as $outing) {
            $both = $pair->within[$outing->key] ?? null;
            if ($both !== null && count($found) < self::WITHIN) {
                $found[] = new PairOutingData(
                    $outing->uuid, gmdate('Y-m-d\TH:i:s\Z', $outing->start), Words::of(
                        '{bites} in {hours}', bites: (int) $both[0], hours: RecordWords::hours($both[1]),
                    ),
                    Words::of('{bites} in {hours}', bites: (int) $both[2], hours: RecordWords::hours($both[3])),
                );
            }
        }

        return $found;
    }

    /** @return list<OutingBitesData> */
    private function outings(): array
    {
        $did = [];
        foreach ($this->fishing as $one) {
            [$hours, $touches, $landed] = $did[$one->outing] ?? [0.0, 0, 0];
            $did[$one->outing] = [$hours + $one->hours, $touches + $one->touches, $landed + $one->landed];
        }
        $unit = $this->user->settings()->units->temperature;

        return array_values(array_map(fn (OutingSummary $outing): OutingBitesData => new OutingBitesData(
            uuid: $outing->uuid, place: $outing->place, at: gmdate('Y-m-d\TH:i:s\Z', $outing->start),
            temp: $outing->tempC === null ? '' : round($unit->fromSi($outing->tempC))."\u{A0}{$unit->symbol()}", tempC: $outing->tempC,
            hours: round($did[$outing->key][0] ?? 0.0, 2), touches: $did[$outing->key][1] ?? 0, landed: $did[$outing->key][2] ?? 0,
            bites: array_map(
                static fn (array $bite): BitesAtData => new BitesAtData(...$bite), $this->bites->places[$outing->key] ?? [],
            ),
        ), $this->reader->outings()));
    }
}
