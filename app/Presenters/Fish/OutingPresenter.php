<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Choosing\RankedBox;
use App\Models\Event;
use App\Models\Mark;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\Spot;
use App\Models\User;
use App\Presenters\Lure\AnswerPresenter;
use App\Presenters\Rig\RigPresenter;
use App\Presenters\Water\ElsewherePresenter;
use App\Presenters\Work\CadenceWords;
use App\Readings\ReadingBook;
use App\Record\AnglersDay;
use App\Record\EventUndo;
use App\Record\Logbook;
use App\Record\Pauses;
use App\Record\RodTally;
use App\Rows\Coerce;
use App\Rows\TideAndLight;
use Eskith\Core\Care\HeldIn;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Telling\Data\Fish\HeldData;
use Eskith\Telling\Data\Fish\MarkedData;
use Eskith\Telling\Data\Fish\OutingData;
use Eskith\Telling\Data\Fish\OutingNowData;
use Eskith\Telling\Data\Fish\PadData;
use Eskith\Telling\Data\Fish\PauseData;
use Eskith\Telling\Data\Fish\SkyData;
use Eskith\Telling\Data\Fish\SpotChoiceData;
use Eskith\Telling\Data\Fish\TieableData;
use Eskith\Telling\Data\Fish\TiedData;
use Eskith\Telling\Data\Fish\TyingData;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;

/** The outing under way, counted up. */
final readonly class OutingPresenter
{
    /** Events told one by one, of all rods: what the last taps can be undone from without the server. */
    private const LISTED = 40;

    /** Marks of the day that one can get back onto. */
    private const MARKS = 5;

    /** h of silence after which an outing seems to be forgotten. */
    private const SILENT_H = 3;

    public function __construct(private AnswerPresenter $answers)
    {
    }

    /** What is on the rod in hand now; null between outings. */
    public static function tied(User $user): ?TiedData
    {
        $logbook = Logbook::of($user);
        $outing = $logbook->underWay();
        $setup = $outing === null ? null : $logbook->setup($outing);

        return $setup === null
            ? null
            : new TiedData($setup->key(), Logbook::quietSince($setup, $logbook->lastBite($setup)?->at)->toIso8601String());
    }

    /** Now, as moments are compared by which of two is newer. */
    public static function moment(): string
    {
        return Carbon::now()->format('Y-m-d\TH:i:s.vP');
    }

    /** What the Fish station shows of an outing. */
    public function told(User $angler, Outing $outing): OutingNowData
    {
        [$data, $answer] = $this->now($angler, $outing);

        return new OutingNowData($data, $answer->column);
    }

    /** @return array{OutingData, AnswerData, RankedBox} the outing, the answer it is fished by, and the box that was chosen from */
    public function now(User $angler, Outing $outing): array
    {
        // Before anything is read: what is written meanwhile is not in it.
        $asOf = self::moment();
        $book = ReadingBook::of($angler);
        $setup = Logbook::of($angler)->setup($outing);
        $listed = $outing->events()->standing()->with('setup.lure')->latest('at')->latest('id')->limit(self::LISTED + 1)->get();
        $all = $listed->count() <= self::LISTED;
        $listed = $listed->take(self::LISTED);
        $rankedBox = RankedBox::of($angler, $book, AnglersDay::of($angler)->in($outing, $setup));
        $key = $setup?->key();
        // What is on may be worked in a way that is none today; the lure is drawn all the same, as it would be worked.
        $other = $key === null || $rankedBox->find($key) !== null ? null : $rankedBox->byLure()[$setup->lure_id ?? 0][0] ?? null;
        $shown = $other === null ? $key : RankedBox::key($other);
        $answer = $this->answers->of($rankedBox, $shown);
        $pick = $answer->chosen?->key === $shown ? $answer->chosen : null;
        $fished = $pick === null ? null : $rankedBox->find($pick->key)?->candidate;
        // What the angler counts is what this rod did.
        $tally = RodTally::of($outing, $angler->rod_id, $listed, $all);
        $names = new LureNames($rankedBox->situation->say);
        $rods = BoardPresenter::of($angler)->tallied($outing, $listed, $all);
        $rows = EventRows::of($angler, $outing, $rods);

        return [new OutingData(
            uuid: $outing->uuid,
            asOf: $asOf,
            place: $outing->placeNow(),
            startedAt: $outing->started_at->toIso8601String(),
            title: $setup === null ? 'Nothing on this rod' : BoardPresenter::named($setup, $names),
            subtitle: $pick !== null && $other === null ? $pick->subtitle : ($setup === null ? '' : BoardPresenter::way($setup)),
            water: implode(' · ', array_filter([$book->text('depth'), $book->text('temp')])),
            setup: $setup?->uuid,
            counts: $fished === null ? '' : CadenceWords::counts($fished, $rankedBox->situation),
            pace: self::pace($outing, $tally),
            worked: self::worked($outing, $angler, $setup, $names),
            minutesPerDrop: $setup === null ? null : self::minutesPerDrop($setup),
            events: $rows->all($listed),
            species: CardPresenter::of($angler, $outing)->choices($rankedBox->situation->water->depthM, $rankedBox->here->protected ?? ''),
            sought: $book->text('species') ?? 'walleye',
            lengthUnit: $book->settings->units->fishLength->symbol(),
            pick: $pick,
            rig: $fished === null ? null : RigPresenter::inShort($rankedBox, $fished),
            move: $answer->move,
            forgotten: self::forgotten($angler, $outing),
            pads: self::pads(),
            rods: $rods,
            takenBack: $rows->all(EventUndo::atHand($outing)),
            tally: BoardPresenter::tally($tally, $setup),
            pause: self::pause($angler, $outing),
            sky: self::sky($outing),
            crew: CrewPresenter::of($angler, $outing),
            drift: $all
                ? $listed->where('kind', EventKind::Drift)->count()
                : $outing->events()->standing()->where('kind', EventKind::Drift)->count(),
            note: $outing->note,
            endedAt: $outing->ended_at?->toIso8601String(),
            markPads: $outing->spotAt() === null ? [] : array_map(
                static fn (MarkKind $kind): OptionData => new OptionData($kind->value, (string) $kind->pad()), MarkKind::pads(),
            ),
            marks: self::marks($outing), waterId: $outing->spotAt()?->water_id, spot: $outing->spotAt()?->id,
            elsewhere: ElsewherePresenter::all($angler, $book),
            held: array_map(static fn (HeldIn $one): HeldData => new HeldData($one, $one->word(), $one->care()), HeldIn::cases()),
        ), $answer, $rankedBox];
    }

    /** @return list<TieableData> every lure at hand, best first, as it would be fished now */
    public static function box(RankedBox $rankedBox): array
    {
        $names = new LureNames($rankedBox->situation->say);
        $told = [];
        foreach ($rankedBox->ranked as $pick) {
            $candidate = $pick->candidate;
            $told[$candidate->lure->id] ??= new TieableData(
                $names->title($candidate->lure), $names->way($candidate, $rankedBox->situation),
                new TyingData((int) $candidate->lure->id, $candidate->hole()?->name, $candidate->cadence),
            );
        }

        return array_values($told);
    }

    /** @return list<SpotChoiceData> every spot, those of the water where one is first */
    public static function spots(User $angler, Outing $outing): array
    {
        $say = new UnitFormat($angler->settings()->units);
        $here = $outing->spotAt()?->water_id;

        return array_values($angler->spots()->with('water')->orderBy('water_id')->orderBy('id')->get()
            ->sortBy(static fn (Spot $spot): int => $spot->water_id === $here ? 0 : 1)->map(
                static fn (Spot $spot): SpotChoiceData => new SpotChoiceData(
                    $spot->id, $spot->name, $spot->water->name, $spot->depth_m === null ? '' : $say->depth($spot->depth_m),
                ),
            )->all());
    }

    /** @return list<MarkedData> */
    private static function marks(Outing $outing): array
    {
        return array_values(Mark::query()->where('outing_id', $outing->id)->latest('at')->latest('id')->limit(self::MARKS)->get()->map(
            static fn (Mark $mark): MarkedData => new MarkedData(
                $mark->uuid, $mark->kind?->word() ?? 'mark', $mark->at->toIso8601ZuluString('millisecond'),
            ),
        )->all());
    }

    private static function pause(User $angler, Outing $outing): ?PauseData
    {
        $pause = Pauses::of($angler)->now($outing);

        return $pause === null ? null : new PauseData(
            $pause->why?->word() ?? '', $pause->from_at->toIso8601ZuluString('millisecond'),
            $pause->rod_id === null ? null : $angler->rods()->whereKey($pause->rod_id)->first()?->uuid,
        );
    }

    private static function sky(Outing $outing): SkyData
    {
        $sky = TideAndLight::over($outing->spotAt());
        $slack = $sky->slack(Carbon::now());

        return new SkyData(
            $sky->sunset(Carbon::now())?->toIso8601String(), $slack === null ? null : $slack[0]->toIso8601String(),
            $slack === null ? '' : ($slack[1]->high ? 'high' : 'low'),
        );
    }

    /** "3 touches and 1 fish in half an hour", once that long has been fished. */
    private static function pace(Outing $outing, RodTally $tally): string
    {
        $half = max(1.0, $outing->started_at->diffInMinutes(Carbon::now()) / 30);
        if ($half < 1.5 || $tally->touches === 0) {
            return '';
        }
        $each = static fn (int $count): string => (string) round($count / $half, 1);

        return "{$each($tally->touches)} bites and {$each($tally->landed)} fish in half an hour";
    }

    /** What was touched last on this rod, where that is something else than what is on now. */
    private static function worked(Outing $outing, User $angler, ?Setup $setup, LureNames $names): ?TieableData
    {
        $last = Event::query()->standing()->bites()->where('outing_id', $outing->id)->with('setup.lure')
            ->whereIn('setup_id', Setup::query()->select('id')->where('outing_id', $outing->id)->where('rod_id', $angler->rod_id))
            ->latest('at')->latest('id')->first()?->setup;

        return $last?->lure === null || $last->cadence === null || ! $last->lure->isAtHand() || $last->key() === $setup?->key()
            ? null
            : new TieableData(
                BoardPresenter::named($last, $names), BoardPresenter::way($last),
                new TyingData($last->lure->id, $last->hole, $last->cadence),
            );
    }

    /** When an outing was last heard of that seems to be forgotten; null while it goes on. */
    private static function forgotten(User $angler, Outing $outing): ?string
    {
        $last = Logbook::of($angler)->lastTap($outing);

        return $last->diffInHours(Carbon::now()) >= self::SILENT_H ? $last->toIso8601String() : null;
    }

    /** @return list<PadData> */
    public static function pads(): array
    {
        $pads = [];
        foreach (EventKind::cases() as $kind) {
            $pad = $kind->pad();
            if ($pad !== null) {
                $pads[] = new PadData($kind, ...$pad);
            }
        }

        return $pads;
    }

    /** The pace of the drops since this was tied on; null until there are enough to tell. */
    private static function minutesPerDrop(Setup $setup): ?float
    {
        $drops = $setup->events()->standing()->where('kind', EventKind::Drop)->toBase()
            ->selectRaw('count(*) as many, min(at) as begun, max(at) as latest')->first();
        $count = Coerce::whole($drops->many ?? 0);
        if ($count < 3) {
            return null;
        }
        $minutes = (Coerce::seconds($drops->latest ?? '') - Coerce::seconds($drops->begun ?? '')) / 60 / ($count - 1);

        return $minutes < 0.1 ? null : round($minutes, 2);
    }
}
