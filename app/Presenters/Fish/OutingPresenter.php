<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Kits\Kits;
use App\Models\Casts\Moment;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Presenters\Water\ElsewherePresenter;
use App\Record\DayReader;
use App\Record\EventUndo;
use App\Record\Logbook;
use App\Record\RodTally;
use Eskith\Core\Care\HeldIn;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Fish\HeldData;
use Eskith\Telling\Data\Fish\OutingData;
use Eskith\Telling\Data\Fish\OutingNowData;
use Eskith\Telling\Data\Fish\PadData;
use Eskith\Telling\Data\Fish\SpotChoiceData;
use Eskith\Telling\Data\Fish\TieableData;
use Eskith\Telling\Data\Fish\TiedData;
use Eskith\Telling\Data\Fish\TyingData;
use Eskith\Telling\Data\Lure\WayShownData;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Lure\AnswerPresenter;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Rig\RigPresenter;
use Eskith\Telling\Work\CadenceWords;
use Illuminate\Support\Carbon;

/** The outing under way, counted up. */
final readonly class OutingPresenter
{
    /** Events told one by one, of all rods: what the last taps can be undone from without the server. */
    private const LISTED = 40;

    /** What is on the rod in hand now; null while nothing is. */
    public static function tied(User $user, Outing $outing): ?TiedData
    {
        $logbook = Logbook::of($user);
        $setup = $logbook->setup($outing);

        return $setup === null
            ? null
            : new TiedData($setup->key(), Logbook::quietSince($setup, $logbook->lastBite($setup)?->at)->toIso8601String());
    }

    /** What the Fish station shows of an outing. */
    public function told(User $angler, Outing $outing): OutingNowData
    {
        [$data, $answer] = $this->now($angler, $outing);

        return new OutingNowData($data, $answer->column);
    }

    /** @return array{OutingData, WayShownData, RankedBox} the outing, the way it is fished, and the box that was chosen from */
    public function now(User $angler, Outing $outing): array
    {
        // Before anything is read: what is written meanwhile is not in it.
        $asOf = Moment::now();
        $setup = Logbook::of($angler)->setup($outing);
        $listed = $outing->events()->standing()->with('setup.lure')->latest('at')->latest('id')->limit(self::LISTED + 1)->get();
        $all = $listed->count() <= self::LISTED;
        $listed = $listed->take(self::LISTED);
        $kit = Kits::of($angler, DayReader::in($angler, $outing, $setup));
        $book = $kit->book(Carbon::now());
        $rankedBox = RankedBox::of($kit, $book);
        $key = $setup?->key();
        // What is on may be worked in a way that is none today; the lure is drawn all the same, as it would be worked.
        $other = $key === null || $rankedBox->find($key) !== null ? null : $rankedBox->byLure()[$setup->lure_id ?? 0][0] ?? null;
        $shown = $other === null ? $key : RankedBox::key($other);
        $answer = AnswerPresenter::chosen($rankedBox, $shown);
        $pick = $answer->chosen?->key === $shown ? $answer->chosen : null;
        $fished = $pick === null ? null : $rankedBox->find($pick->key)?->candidate;
        // What the angler counts is what this rod did.
        $tally = RodTally::of($outing, $angler->rod_id, $listed, $all);
        $names = new LureNames($rankedBox->situation->say);
        $rods = BoardPresenter::of($angler)->tallied($outing, $listed, $all);
        $rows = EventRows::of($angler, $outing, $rods);
        $beside = new OutingBeside($angler, $outing);

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
            pace: $beside->pace($tally),
            worked: $beside->worked($setup, $names),
            minutesPerDrop: $setup === null ? null : OutingBeside::minutesPerDrop($setup),
            events: $rows->all($listed),
            species: CardPresenter::of($angler, $outing)->choices($rankedBox->situation->water->depthM, $kit->here->protected ?? ''),
            sought: $book->text('species') ?? 'walleye',
            lengthUnit: $book->settings->units->fishLength->symbol(),
            pick: $pick,
            rig: $fished === null ? null : RigPresenter::inShort($rankedBox, $fished),
            move: AnswerPresenter::move($rankedBox),
            forgotten: $beside->forgotten(),
            pads: self::pads(),
            rods: $rods,
            takenBack: $rows->all(EventUndo::atHand($outing)),
            tally: BoardPresenter::tally($tally, $setup),
            pause: $beside->pause(),
            sky: $beside->sky(),
            crew: CrewPresenter::of($angler, $outing),
            drift: $all
                ? $listed->where('kind', EventKind::Drift)->count()
                : $outing->events()->standing()->where('kind', EventKind::Drift)->count(),
            note: $outing->note,
            endedAt: $outing->ended_at?->toIso8601String(),
            markPads: $beside->markPads(),
            marks: $beside->marks(), waterId: $outing->spotAt()?->water_id, spot: $outing->spotAt()?->id,
            elsewhere: ElsewherePresenter::all($angler, $book),
            held: array_map(static fn (HeldIn $one): HeldData => new HeldData($one, $one->word(), $one->care()), HeldIn::cases()),
        ), $answer, $rankedBox];
    }

    /** As it would be if one began now: devices show it where one begins with no signal. */
    public function blank(User $angler, ReadingBook $book): OutingData
    {
        $spot = $book->spotId === null ? null : $angler->spots()->with('water')->find($book->spotId);
        $none = (new Outing)->forceFill([
            'id' => 0, 'user_id' => $angler->id, 'uuid' => '', 'spot_id' => $spot?->id, 'place' => $spot?->placed() ?? 'Today',
            'readings' => $book->texts(), 'started_at' => Carbon::now(), 'note' => '',
        ]);

        return $this->now($angler, $none)[0];
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

    /**
     * @param  int|null  $here  id of the water where one is
     * @return list<SpotChoiceData> every spot, those of that water first
     */
    public static function spots(User $angler, ?int $here): array
    {
        $say = new UnitFormat($angler->settings()->units);

        return array_values($angler->spots()->with('water')->orderBy('water_id')->orderBy('id')->get()
            ->sortBy(static fn (Spot $spot): int => $spot->water_id === $here ? 0 : 1)->map(
                static fn (Spot $spot): SpotChoiceData => new SpotChoiceData(
                    $spot->id, $spot->name, $spot->water->name, $spot->depth_m === null ? '' : $say->depth($spot->depth_m),
                ),
            )->all());
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
}
