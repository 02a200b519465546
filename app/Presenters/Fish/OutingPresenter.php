<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Choosing\RankedBox;
use App\Data\Fish\EventData;
use App\Data\Fish\OutingData;
use App\Data\Fish\PadData;
use App\Data\Fish\TiedData;
use App\Data\Lure\AnswerData;
use App\Data\OptionData;
use App\Enums\EventKind;
use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Presenters\Lure\AnswerPresenter;
use App\Presenters\Rig\RigPresenter;
use App\Readings\ReadingBook;
use App\Record\Logbook;
use App\Rows\LureReader;
use App\Rows\SetAside;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Units\UnitSet;
use Illuminate\Support\Collection;

/** The outing under way, counted up. */
final readonly class OutingPresenter
{
    /** Events listed. */
    private const LISTED = 12;

    public function __construct(private AnswerPresenter $answers)
    {
    }

    /** What is tied on now; null between outings. */
    public static function tied(User $user): ?TiedData
    {
        $logbook = Logbook::of($user);
        $outing = $logbook->underWay();
        $setup = $outing === null ? null : $logbook->setup($outing);

        return $outing === null || $setup === null
            ? null
            : new TiedData($setup->key(), Logbook::quietSince($setup, $logbook->lastBite($outing))->toIso8601String());
    }

    /** @return array{OutingData, AnswerData}|null the outing, and the answer it is fished by; null while nothing is tied on */
    public function now(User $angler, Outing $outing): ?array
    {
        $setup = Logbook::of($angler)->setup($outing);

        return $setup === null ? null : $this->of($angler, $outing, $setup, ReadingBook::of($angler));
    }

    /** @return array{OutingData, AnswerData} */
    private function of(User $angler, Outing $outing, Setup $setup, ReadingBook $book): array
    {
        $events = $outing->events()->standing()->latest('at')->latest('id')->get();
        $key = $setup->key();
        $rankedBox = RankedBox::of($angler, $book, $outing, $setup);
        $answer = $this->answers->of($rankedBox, $key);
        $fished = $rankedBox->find($key)?->candidate;
        $pick = $answer->chosen?->key === $key ? $answer->chosen : null;
        $situation = $book->situation(0.0002);
        $names = new LureNames($situation->say);
        $bites = $events->filter(static fn (Event $event): bool => $event->kind?->isBite() === true);
        $landed = $bites->where('landed', true)->count();
        $last = $bites->first();
        $sinceDrops = $events->where('kind', EventKind::Drop)
            ->filter(static fn (Event $event): bool => $last === null || $event->at->greaterThan($last->at))->count();

        return [new OutingData(
            uuid: $outing->uuid,
            place: $outing->place,
            startedAt: $outing->started_at->toIso8601String(),
            title: LureReader::isSound($setup->lure) ? $names->title(LureReader::lure($setup->lure)) : SetAside::lure($setup->lure)->text,
            subtitle: $pick->subtitle ?? trim(($setup->hole === null ? '' : $setup->hole.' hole · ').$setup->cadence?->word()),
            water: implode(' · ', array_filter([$book->text('depth'), $book->text('temp')])),
            setup: $setup->uuid,
            dropsSinceTouch: $sinceDrops,
            drops: $events->where('kind', EventKind::Drop)->count(),
            touches: $bites->count(),
            landed: $landed,
            sinceTouch: Logbook::quietSince($setup, $last)->toIso8601String(),
            touched: $last !== null && $last->at->greaterThan($setup->tied_at),
            minutesPerDrop: self::minutesPerDrop($events, $setup),
            events: array_slice(self::events($events, $book->likes->units), 0, self::LISTED),
            species: array_map(
                static fn (Species $species): OptionData => new OptionData($species->value, $species->word()), Species::cases(),
            ),
            sought: $book->text('species') ?? 'walleye',
            lengthUnit: $book->likes->units->fishLength->symbol(),
            pick: $pick,
            rig: $fished === null ? null : RigPresenter::inShort($rankedBox, $fished),
            move: $answer->move,
            pads: self::pads(),
        ), $answer];
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
     * Drops in a row are told as one line, under the id of the newest.
     *
     * @param  Collection<int, Event>  $events  newest first
     * @return list<EventData>
     */
    private static function events(Collection $events, UnitSet $units): array
    {
        $told = [];
        $inRow = 0;
        foreach ($events as $event) {
            $kind = $event->kind;
            if ($kind === null) {
                continue;
            }
            $inRow = $kind === EventKind::Drop ? $inRow + 1 : 0;
            if ($inRow > 1) {
                $newest = array_pop($told) ?? throw new \LogicException('A run of drops has a first.');
                $told[] = new EventData($newest->uuid, $newest->kind, "{$inRow} drops", $newest->at, '');

                continue;
            }
            $told[] = new EventData(
                $event->uuid, $kind, self::words($event, $kind), $event->at->toIso8601String(),
                $event->depth_m === null || $inRow === 1 ? '' : $units->depth->print($event->depth_m),
            );
        }

        return $told;
    }

    private static function words(Event $event, EventKind $kind): string
    {
        $came = $event->came === null ? '' : ', '.$event->came->word();
        $what = $event->species === null ? $kind->word() : ucfirst(str_replace('_', ' ', $event->species));

        return $what.($event->length_text === null ? '' : ', '.$event->length_text).($event->landed === false ? ', lost' : '').$came;
    }
}
