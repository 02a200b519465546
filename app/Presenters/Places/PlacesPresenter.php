<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Pages\PlacesPage;
use App\Data\Places\EdgeData;
use App\Data\Places\LookPlaceData;
use App\Data\Places\PlacedMarkData;
use App\Data\Places\PlacedSpotData;
use App\Data\Places\SectionData;
use App\Data\Places\SurveyData;
use App\Data\Places\WaterOptionData;
use App\Data\Places\WindData;
use App\Models\Edge;
use App\Models\Mark;
use App\Models\Spot;
use App\Models\Survey;
use App\Models\User;
use App\Models\Water;
use App\Places\Recording;
use App\Places\WaterChart;
use App\Record\Logbook;
use App\Rows\GroundReader;
use App\Rows\TideAndLight;
use App\Rules\AnglerRules;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\MarkKind;
use Eskith\Telling\Enums\TideFrom;
use Eskith\Telling\Enums\WaterKind;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Fault;
use Illuminate\Support\Carbon;

/** The Places page: a water's ground, what is on it, and where to look first. */
final readonly class PlacesPresenter
{
    private const DRIFT_S = 600;

    public function __construct(private TodayPresenter $todays)
    {
    }

    public function page(User $user, ReadingBook $book, ?Water $water, ?string $line): PlacesPage
    {
        $say = new UnitFormat($book->settings->units);
        $now = Carbon::now();
        $level = $water === null ? 0.0 : TideAndLight::overWater($water)->levelM($now);
        $water?->load(['spots', 'marks', 'edges', 'surveys', 'cardRules', 'share']);
        $water?->spots->each(static fn (Spot $spot): Spot => $spot->setRelation('water', $water));
        $charted = $water === null ? null : WaterChart::of($water);
        $look = $water === null ? null : new LookPresenter($water, $book, $say, AnglerRules::choices($user)->weights);
        $looks = $charted === null || $look === null ? [] : $look->all($charted, $level);
        // Until a line is drawn, the one across the first that falls anywhere.
        $line ??= array_values(array_filter(array_map(static fn (LookPlaceData $one): ?string => $one->line, $looks)))[0] ?? null;
        [$section, $trouble] = $water === null || $line === null ? [null, null] : self::section($user, $water, $line);
        $spot = $water?->spots->firstWhere('id', $book->spotId);
        $recording = Recording::of($user)->running();

        return new PlacesPage(
            headline: self::headline($water, $charted, $looks[0] ?? null),
            under: $water === null ? '' : WaterPresenter::words($water, $charted, $say), waters: self::waters($user),
            water: $water === null ? null : WaterPresenter::of($user, $water, $charted, $say),
            ground: $charted === null ? null : (new GroundPresenter($say))->of($charted, $level),
            spots: $water === null ? [] : array_values($water->spots->map(
                static fn (Spot $one): PlacedSpotData => PlacedThings::spot($one, $say, $book->spotId),
            )->all()),
            marks: $water === null ? [] : array_values($water->marks->sortByDesc(
                static fn (Mark $mark): string => Coerce::text($mark->getRawOriginal('at')),
            )->map(
                static fn (Mark $mark): PlacedMarkData => PlacedThings::mark($mark, $say),
            )->all()),
            edges: $water === null ? [] : array_values($water->edges->map(
                static fn (Edge $edge): EdgeData => PlacedThings::edge($edge, $look, $charted),
            )->all()),
            looks: $looks, shore: $looks === [] ? '' : $look->shore(), surveys: $water === null ? [] : self::surveys($water),
            recording: $recording === null ? null : BoatPresenter::recording($recording, $user), wind: self::wind($book, $say),
            today: $water === null ? null : $this->todays->of($book, $water, $spot, $now), section: $section, trouble: $trouble,
            unit: $say->units->depth->symbol(), unitM: $say->units->depth === Unit::Metre ? 1.0 : Unit::Foot->factor(),
            kinds: self::options(WaterKind::cases()), markKinds: self::options(MarkKind::cases()),
            edgeKinds: self::options(EdgeKind::cases()),
            bottoms: self::options(Bottom::cases()), tides: self::options(self::tides($water)),
            outing: Logbook::of($user)->underWay()?->uuid,
        );
    }

    /** @return list<TideFrom> a made-up one for the demo's waters, and where one is kept, so that it can be taken out */
    private static function tides(?Water $water): array
    {
        $tide = $water->tide ?? [];
        $kept = $tide !== [] && ($tide['from'] ?? null) !== TideFrom::Own->value;

        return array_values(array_filter(
            TideFrom::cases(),
            static fn (TideFrom $from): bool => $from !== TideFrom::MadeUp || $kept || $water?->isMadeUp() === true,
        ));
    }

    /** @return array{SectionData|null, string|null} the section, or why there is none */
    private static function section(User $user, Water $water, string $line): array
    {
        try {
            return [(new SectionPresenter($user, $water))->of($line), null];
        } catch (InvalidInput $bad) {
            return [null, Fault::words($bad, $user->settings()->units)];
        }
    }

    private static function headline(?Water $water, ?WaterChart $charted, ?LookPlaceData $first): string
    {
        return match (true) {
            $water === null => 'No water is kept yet',
            $charted === null => Words::of('Nothing of {water} is sounded yet', water: $water->name),
            $first === null => Words::of('{water} has nothing that stands out yet', water: $water->name),
            $first->where === '' => Words::of('Look first at the {place}', place: lcfirst($first->title)),
            default => Words::of('Look first at the {place}, {where}', place: lcfirst($first->title), where: $first->where),
        };
    }

    /** @return list<WaterOptionData> */
    private static function waters(User $user): array
    {
        return array_values($user->waters()->orderBy('id')->get()->map(
            static fn (Water $water): WaterOptionData => new WaterOptionData(
                $water->id, $water->name, WaterKind::tryFrom($water->kind)?->word() ?? $water->kind,
            ),
        )->all());
    }

    /** @return list<SurveyData> newest first */
    private static function surveys(Water $water): array
    {
        $counts = GroundReader::counts($water);

        return array_values($water->surveys->whereNotNull('until_at')->sortByDesc('id')->map(
            static fn (Survey $survey): SurveyData => new SurveyData(
                $survey->uuid, $survey->name, implode(', ', array_filter([
                    Words::of('{count} soundings', count: number_format($counts[$survey->id] ?? 0)), $survey->source?->word() ?? '',
                    $survey->spikes > 0 ? Words::of('{spikes} spikes left out', spikes: number_format($survey->spikes)) : '',
                ])), $survey->from_at->toIso8601String(),
            ),
        )->all());
    }

    private static function wind(ReadingBook $book, UnitFormat $say): ?WindData
    {
        $from = WindFrom::tryFrom((string) $book->text('wind_from'));
        if ($from === null) {
            return null;
        }
        $speed = $book->si('wind');
        $drift = $book->driftMs();
        $metres = $drift === null || abs($drift) < 0.01 ? null : abs($drift) * self::DRIFT_S;

        return new WindData(
            $from->degrees(), $speed === null
                ? Words::of('wind from the {from}', from: $from->word())
                : Words::of('wind {speed} from the {from}', speed: $say->speed($speed), from: $from->word()), $metres,
            $metres === null ? '' : 'drift in 10 min',
        );
    }

    /**
     * @param  list<MarkKind|EdgeKind|WaterKind|TideFrom|Bottom>  $cases
     * @return list<OptionData>
     */
    private static function options(array $cases): array
    {
        return array_map(
            static fn (MarkKind|EdgeKind|WaterKind|TideFrom|Bottom $case): OptionData => new OptionData($case->value, $case->word()), $cases
        );
    }
}
