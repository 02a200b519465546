<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Setup;
use Eskith\Telling\Doing\OfTheLog;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Carbon;

/**
 * A fish hooked soon after a touch on the same rod, with no drop between, is the same bite: the touch becomes the fish, until
 * somebody says that there were two.
 */
final class SameBite
{
    /** Looks at what was just logged: at a fish for the touch before it, at a touch for the fish after it, at a drop for both. */
    public static function settle(Event $event): void
    {
        if ($event->kind?->isBite() !== true && $event->kind !== EventKind::Drop) {
            return;
        }
        $event->refresh()->load('setup');
        if ($event->kind === EventKind::Drop) {
            self::part($event);

            return;
        }
        [$touch, $fish] = match ($event->kind) {
            EventKind::Fish => [self::nextTo($event, EventKind::Touch, -OfTheLog::SAME_BITE_S), $event],
            EventKind::Touch => [$event, self::nextTo($event, EventKind::Fish, OfTheLog::SAME_BITE_S)],
            default => [null, null],
        };
        if ($touch === null || $fish === null || self::between($touch, $fish) || self::ofFish($fish)->exists()) {
            return;
        }
        $touch->update(['undone_at' => Carbon::now(), 'became' => $fish->uuid]);
        // It bit when it was first felt.
        $said = $fish->came !== null && ! $fish->depth_computed;
        if (! $said) {
            $fish->update([
                'came' => $touch->came ?? $fish->came, 'depth_m' => $touch->depth_m ?? $fish->depth_m,
                'depth_computed' => $touch->depth_computed,
            ]);
        }
    }

    /** A drop that is heard late and lies between a touch and its fish: they were two. */
    private static function part(Event $drop): void
    {
        $fish = self::nextTo($drop, EventKind::Fish, OfTheLog::SAME_BITE_S);
        if ($fish !== null) {
            self::ofFish($fish)->where('at', '<', (new Event)->fromDateTime($drop->at))->update(['undone_at' => null, 'became' => null]);
        }
    }

    /** What was part of a fish that is taken back was felt all the same. */
    public static function release(Event $fish): void
    {
        self::ofFish($fish)->update(['undone_at' => null, 'became' => null]);
    }

    /** @return Builder<Event> */
    private static function ofFish(Event $fish): Builder
    {
        return Event::query()->where('outing_id', $fish->outing_id)->where('became', $fish->uuid);
    }

    /** The nearest of a kind on its rod, up to so many s later, or before where that is negative. */
    private static function nextTo(Event $event, EventKind $kind, int $s): ?Event
    {
        $from = $s < 0 ? $event->at->copy()->addSeconds($s) : $event->at;
        $to = $s < 0 ? $event->at : $event->at->copy()->addSeconds($s);

        return self::onItsRod($event, $from, $to)->where('kind', $kind)->whereKeyNot($event->id)
            ->orderBy('at', $s < 0 ? 'desc' : 'asc')->orderBy('id', $s < 0 ? 'desc' : 'asc')->first();
    }

    /** Whether it went down again between them, or was felt once more. */
    private static function between(Event $touch, Event $fish): bool
    {
        return self::onItsRod($touch, $touch->at, $fish->at)->whereIn('kind', [EventKind::Drop, EventKind::Touch])
            ->whereKeyNot($touch->id)->where(static fn (Builder $rows) => $rows->where('at', '>', (new Event)->fromDateTime($touch->at))
            ->orWhere('id', '>', $touch->id))->exists();
    }

    /** @return Builder<Event> */
    private static function onItsRod(Event $event, Carbon $from, Carbon $to): Builder
    {
        return Event::query()->standing()->where('outing_id', $event->outing_id)
            ->whereBetween('at', [(new Event)->fromDateTime($from), (new Event)->fromDateTime($to)])
            ->whereIn('setup_id', Setup::query()->select('id')->where('outing_id', $event->outing_id)
                ->where('rod_id', $event->setup->rod_id));
    }
}
