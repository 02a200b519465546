<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Choosing\RankedBox;
use App\Data\Fish\EventData;
use App\Data\Fish\OutingData;
use App\Data\Fish\PadData;
use App\Data\Fish\RodOnBoardData;
use App\Data\Fish\TiedData;
use App\Data\Lure\AnswerData;
use App\Data\OptionData;
use App\Enums\EventKind;
use App\Models\Event;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Presenters\Lure\AnswerPresenter;
use App\Presenters\Rig\RigPresenter;
use App\Presenters\Work\CadenceWords;
use App\Readings\ReadingBook;
use App\Record\Logbook;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Units\UnitSet;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** The outing under way, counted up. */
final readonly class OutingPresenter
{
    /** Events listed. */
    private const LISTED = 12;

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
            : new TiedData($setup->key(), Logbook::quietSince($setup, $logbook->lastBite($setup))->toIso8601String());
    }

    /** @return array{OutingData, AnswerData} the outing, and the answer it is fished by */
    public function now(User $angler, Outing $outing): array
    {
        $book = ReadingBook::of($angler);
        $setup = Logbook::of($angler)->setup($outing);
        $events = $outing->events()->standing()->with('setup.lure')->latest('at')->latest('id')->get();
        $rankedBox = RankedBox::of($angler, $book, $outing, $setup);
        $key = $setup?->key();
        $answer = $this->answers->of($rankedBox, $key);
        $pick = $answer->chosen?->key === $key ? $answer->chosen : null;
        $fished = $pick === null ? null : $rankedBox->find($pick->key)?->candidate;
        // What the angler counts is what this rod did.
        $mine = $events->filter(static fn (Event $event): bool => $event->setup->rod_id === $angler->rod_id);
        $bites = $mine->filter(static fn (Event $event): bool => $event->kind?->isBite() === true);
        $last = $bites->first();
        $drops = $mine->where('kind', EventKind::Drop);
        $rods = BoardPresenter::of($angler)->rods($outing);
        $takenBack = Logbook::of($angler)->takenBack($outing);

        return [new OutingData(
            uuid: $outing->uuid,
            asOf: Carbon::now()->format('Y-m-d\TH:i:s.vP'),
            place: $outing->place,
            startedAt: $outing->started_at->toIso8601String(),
            title: $setup === null
                ? 'Nothing on this rod'
                : BoardPresenter::named($setup, new LureNames($rankedBox->situation->say)),
            subtitle: $pick->subtitle
                ?? trim(($setup?->hole === null ? '' : "{$setup->hole} hole · ").($setup?->cadence?->word() ?? '')),
            water: implode(' · ', array_filter([$book->text('depth'), $book->text('temp')])),
            setup: $setup?->uuid,
            dropsSinceTouch: $drops->filter(static fn (Event $drop): bool => $last === null || $drop->at->greaterThan($last->at))->count(),
            drops: $drops->count(),
            touches: $bites->count(),
            landed: $bites->where('landed', true)->count(),
            sinceTouch: $setup === null ? null : Logbook::quietSince($setup, $last)->toIso8601String(),
            touched: $setup !== null && $last !== null && $last->at->greaterThan($setup->tied_at),
            counts: $fished === null ? '' : CadenceWords::counts($fished, $rankedBox->situation),
            pace: self::pace($outing, $mine),
            worked: self::worked($mine, $setup, new LureNames($rankedBox->situation->say)),
            minutesPerDrop: $setup === null ? null : self::minutesPerDrop($events, $setup),
            events: array_slice(self::events($events, $book->likes->units, self::names($angler, $rods)), 0, self::LISTED),
            species: array_map(
                static fn (Species $species): OptionData => new OptionData($species->value, $species->word()), Species::cases(),
            ),
            sought: $book->text('species') ?? 'walleye',
            lengthUnit: $book->likes->units->fishLength->symbol(),
            pick: $pick,
            rig: $fished === null ? null : RigPresenter::inShort($rankedBox, $fished),
            move: $answer->move,
            forgotten: self::forgotten($angler, $outing),
            pads: self::pads(),
            rods: count($rods) > 1 ? $rods : [],
            takenBack: $takenBack === null
                ? null
                : self::events(new Collection([$takenBack]), $book->likes->units, self::names($angler, $rods))[0] ?? null,
        ), $answer];
    }

    /**
     * How rods are called beside what happened on them; none where there is but one.
     *
     * @param  list<RodOnBoardData>  $rods
     * @return array<int, string> by id
     */
    private static function names(User $angler, array $rods): array
    {
        return count($rods) > 1
            ? array_column($angler->rods()->get()->map(static fn (Rod $rod): array => [$rod->id, $rod->called()])->all(), 1, 0)
            : [];
    }

    /**
     * "3 touches and 1 fish in half an hour", once that long has been fished.
     *
     * @param  Collection<int, Event>  $mine  newest first
     */
    private static function pace(Outing $outing, Collection $mine): string
    {
        $half = max(1.0, $outing->started_at->diffInMinutes(Carbon::now()) / 30);
        $bites = $mine->filter(static fn (Event $event): bool => $event->kind?->isBite() === true);
        if ($half < 1.5 || $bites->isEmpty()) {
            return '';
        }
        $each = static fn (int $count): string => (string) round($count / $half, 1);

        return "{$each($bites->count())} touches and {$each($bites->where('landed', true)->count())} fish in half an hour";
    }

    /**
     * What was touched last on this rod, where that is something else than what is on now.
     *
     * @param  Collection<int, Event>  $mine  newest first
     */
    private static function worked(Collection $mine, ?Setup $setup, LureNames $names): ?OptionData
    {
        $last = $mine->first(static fn (Event $event): bool => $event->kind?->isBite() === true)?->setup;

        return $last === null || $last->lure?->isAtHand() !== true || $last->key() === $setup?->key()
            ? null
            : new OptionData($last->key(), BoardPresenter::named($last, $names));
    }

    /** When an outing was last heard of that seems to be forgotten; null while it goes on. */
    private static function forgotten(User $angler, Outing $outing): ?string
    {
        $last = Logbook::of($angler)->lastTap($outing);

        return $last->diffInHours(Carbon::now()) >= self::SILENT_H ? $last->toIso8601String() : null;
    }

    /** @return list<PadData> */
    private static function pads(): array
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

    /**
     * The pace of the drops since this was tied on; null until there are enough to tell.
     *
     * @param  Collection<int, Event>  $events  newest first
     */
    private static function minutesPerDrop(Collection $events, Setup $setup): ?float
    {
        $drops = $events->where('kind', EventKind::Drop)->where('setup_id', $setup->id)->values();
        $count = $drops->count();
        if ($count < 3) {
            return null;
        }
        $minutes = $drops->last()?->at->diffInSeconds($drops->first()?->at) / 60 / ($count - 1);

        return $minutes < 0.1 ? null : round($minutes, 2);
    }

    /**
     * Drops in a row on one rod are told as one line, under the id of the newest.
     *
     * @param  Collection<int, Event>  $events  newest first
     * @param  array<int, string>  $rods  how rods are called, by id
     * @return list<EventData>
     */
    private static function events(Collection $events, UnitSet $units, array $rods): array
    {
        $told = [];
        $inRow = 0;
        $before = null;
        foreach ($events as $event) {
            $kind = $event->kind;
            if ($kind === null) {
                continue;
            }
            $rod = $event->setup->rod_id;
            $on = isset($rods[$rod]) ? ", {$rods[$rod]}" : '';
            $inRow = $kind !== EventKind::Drop ? 0 : ($rod === $before ? $inRow + 1 : 1);
            $before = $rod;
            if ($inRow > 1) {
                $newest = array_pop($told) ?? throw new \LogicException('A run of drops has a first.');
                $told[] = new EventData($newest->uuid, $newest->kind, "{$inRow} drops{$on}", $newest->at, '');

                continue;
            }
            $told[] = new EventData(
                uuid: $event->uuid,
                kind: $kind,
                words: EventWords::of($event, $kind, $units).$on,
                at: $event->at->toIso8601String(),
                depthText: $event->depth_m === null || $inRow === 1 ? '' : $units->depth->print($event->depth_m),
                computed: $event->depth_computed,
                bite: $kind->isBite() ? EventWords::bite($event) : null,
                lureLost: $kind->canLoseLure() ? $event->lure_lost === true : null,
            );
        }

        return $told;
    }
}
