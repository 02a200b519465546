<?php

declare(strict_types=1);

namespace App\Presenters\Fish;

use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use App\Presenters\Pictures\PicturePresenter;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Data\Fish\EventData;
use Eskith\Telling\Data\Fish\RodOnBoardData;
use Eskith\Telling\Data\PictureData;
use Eskith\Telling\Enums\EventKind;

/** What was logged, a line each. */
final readonly class EventRows
{
    /**
     * @param  array<int, array{string, string}>  $rods  uuid and name, by id; the name is '' where there is but one
     * @param  array<int, list<PictureData>>  $pictures  by event
     */
    private function __construct(
        private UnitSet $units, private array $rods, private CardPresenter $card, private array $pictures,
    ) {
    }

    /** @param  list<RodOnBoardData>  $onBoard */
    public static function of(User $angler, Outing $outing, array $onBoard): self
    {
        $rods = [];
        foreach ($angler->rods()->get() as $rod) {
            $rods[$rod->id] = [$rod->uuid, count($onBoard) > 1 ? $rod->called() : ''];
        }

        return new self($angler->settings()->units, $rods, CardPresenter::of($angler, $outing), PicturePresenter::byEvent([$outing->id]));
    }

    /**
     * @param  iterable<Event>  $events
     * @return list<EventData>
     */
    public function all(iterable $events): array
    {
        $told = [];
        foreach ($events as $event) {
            $told[] = $this->one($event);
        }

        return array_values(array_filter($told));
    }

    /** Null for one of a kind that is not known. */
    public function one(Event $event): ?EventData
    {
        $kind = $event->kind;
        [$rod, $name] = $this->rods[$event->setup->rod_id ?? 0] ?? [null, ''];

        return $kind === null ? null : new EventData(
            uuid: $event->uuid,
            kind: $kind,
            words: EventWords::of($event, $kind, $this->units),
            at: $event->at->toIso8601ZuluString('millisecond'),
            depthText: $event->depth_m === null || ! $kind->isBite() ? '' : $this->units->depth->print($event->depth_m),
            computed: $event->depth_computed,
            bite: $kind->isBite() ? EventWords::bite($event, $this->card->judged($event)) : null,
            lureLost: $kind->canLoseLure() ? $event->lure_lost === true : null,
            rod: $rod,
            rodName: $name,
            note: $event->note,
            flew: $kind === EventKind::Foul ? $event->flew->value ?? '' : null,
            over: $event->over_at?->toIso8601ZuluString('millisecond'),
            became: $event->became,
            pictures: $this->pictures[$event->id] ?? [],
        );
    }
}
