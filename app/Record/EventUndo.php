<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Outing;
use App\Rows\LastWriterWins;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** What was logged, taken back and put back: never erased, and of what was said of it the last counts. */
final class EventUndo
{
    /** min for which what was taken back is at hand to be put back. */
    private const AT_HAND_MIN = 10;

    /** How many of it. */
    private const AT_HAND = 10;

    /** Takes an event back, and the loss of a lure with it; the same twice changes nothing, nor does one of before it was put back. */
    public static function undo(Event $event, ?Carbon $at = null): void
    {
        self::stands($event, false, $at ?? Carbon::now());
    }

    /** Puts back an event that was taken back; the same twice changes nothing. A lure that was lost with it stays found. */
    public static function putBack(Event $event, ?Carbon $at = null): void
    {
        self::stands($event, true, $at ?? Carbon::now());
    }

    private static function stands(Event $event, bool $stands, Carbon $at): void
    {
        DB::transaction(static function () use ($event, $stands, $at): void {
            $told = LastWriterWins::before($event->refresh()->told)->with('stands', $at);
            if ($told === null || ($event->undone_at === null) === $stands) {
                // Taken back by itself, it is no part of a fish either.
                $event->update(['told' => $told->at ?? $event->told, ...$told === null || $stands ? [] : ['became' => null]]);

                return;
            }
            // A touch that had become a fish, and is put back, was a bite of its own.
            $event->update(['undone_at' => $stands ? null : Carbon::now(), 'told' => $told->at, 'became' => null]);
            if ($event->kind === EventKind::Fish) {
                $stands ? SameBite::settle($event) : SameBite::release($event);
            }
            if (! $stands && $event->lure_lost === true) {
                LostLure::settle($event, false);
            }
        });
    }

    /** @return Collection<int, Event> what was taken back, the last first, not longer ago than a few minutes */
    public static function atHand(Outing $outing): Collection
    {
        return $outing->events()->where('undone_at', '>', Carbon::now()->subMinutes(self::AT_HAND_MIN))->with('setup.lure')
            ->latest('undone_at')->latest('id')->limit(self::AT_HAND)->get();
    }
}
