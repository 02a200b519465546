<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use Eskith\Telling\Enums\EventKind;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;

/** What one rod did in an outing, counted where it is kept: what it costs hardly grows with the day. */
final readonly class RodTally
{
    /**
     * @param  int  $dropsBefore  drops since a bite, of before what is listed
     * @param  Carbon|null  $touchBefore  the last touch of before what is listed
     */
    private function __construct(
        public int $drops,
        public int $touches,
        public int $landed,
        public ?Carbon $lastTouch,
        public int $dropsBefore,
        public ?Carbon $touchBefore,
    ) {
    }

    /**
     * @param  Collection<int, Event>  $listed  the newest of the outing, of all rods
     * @param  bool  $all  whether that is everything
     */
    public static function of(Outing $outing, ?int $rodId, Collection $listed, bool $all): self
    {
        $onRod = static fn (): Builder => Event::query()->standing()->where('events.outing_id', $outing->id)
            ->whereIn('events.setup_id', Setup::query()->select('id')->where('outing_id', $outing->id)->where('rod_id', $rodId));
        $mine = $listed->filter(static fn (Event $event): bool => $event->setup->rod_id === $rodId);
        $isBite = static fn (Event $event): bool => $event->kind?->isBite() === true;
        // What is all listed is counted there; it is asked for only where there is more.
        [$dropped, $touched, $landed] = ! $all ? self::counted($onRod()) : [
            $mine->where('kind', EventKind::Drop)->count(), $mine->filter($isBite)->count(),
            $mine->where('kind', EventKind::Fish)->where('landed', true)->count(),
        ];
        [$dropsBefore, $touchBefore] = $all ? [0, null] : self::before($onRod()->whereNotIn('events.id', $listed->pluck('id')));

        return new self(
            drops: $dropped,
            touches: $touched,
            landed: $landed,
            lastTouch: $mine->first($isBite)->at ?? $touchBefore,
            dropsBefore: $dropsBefore,
            touchBefore: $touchBefore,
        );
    }

    /**
     * @param  Builder<Event>  $events
     * @return array{int, int, int} drops, touches, and fish landed
     */
    private static function counted(Builder $events): array
    {
        $bites = EventKind::bites();
        $counted = $events->toBase()->selectRaw(
            'sum(case when kind = ? then 1 else 0 end) as drops, sum(case when kind in ('
                .implode(', ', array_fill(0, count($bites), '?')).') then 1 else 0 end) as touches, '
                .'sum(case when kind = ? and landed = ? then 1 else 0 end) as landed',
            [EventKind::Drop->value, ...$bites, EventKind::Fish->value, true],
        )->first();

        return [Coerce::whole($counted->drops ?? 0), Coerce::whole($counted->touches ?? 0), Coerce::whole($counted->landed ?? 0)];
    }

    /** @return array{int, int} touches of all rods of an outing, and fish landed */
    public static function bites(Outing $outing): array
    {
        $bites = static fn (): Builder => Event::query()->standing()->bites()->where('outing_id', $outing->id);

        return [$bites()->count(), $bites()->where('landed', true)->count()];
    }

    /**
     * @param  Builder<Event>  $older
     * @return array{int, Carbon|null}
     */
    private static function before(Builder $older): array
    {
        $touch = (clone $older)->bites()->latest('at')->latest('id')->first(['id', 'at'])?->at;
        $drops = $older->where('kind', EventKind::Drop);

        return [($touch === null ? $drops : $drops->where('at', '>', (new Event)->fromDateTime($touch)))->count(), $touch];
    }
}
