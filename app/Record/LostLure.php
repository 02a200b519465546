<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Lure;
use App\Models\Setup;
use Illuminate\Support\Facades\DB;

/** A lure that stayed down: it leaves the box and the rod. Where that was tapped wrongly, it comes back to both. */
final readonly class LostLure
{
    /** Most that the box counts as lost. */
    private const MOST = 999;

    /** The same twice changes nothing. */
    public static function settle(Event $event, bool $lost): void
    {
        DB::transaction(static function () use ($event, $lost): void {
            $event->refresh();
            if ($lost && $event->undone_at !== null) {
                return;
            }
            $was = $event->lure_lost === true;
            $event->update(['lure_lost' => $lost]);
            if ($was === $lost) {
                return;
            }
            self::count($event->setup->lure, $lost ? 1 : -1);
            $lost ? self::takeOff($event) : self::putBack($event);
        });
    }

    private static function count(?Lure $lure, int $more): void
    {
        $lure?->update(['lost' => max(0, min(self::MOST, (int) $lure->lost + $more))]);
    }

    private static function takeOff(Event $event): void
    {
        $setup = $event->setup;
        if ($setup->until_at === null && self::isLast($setup)) {
            $setup->update(['until_at' => max($event->at, $setup->tied_at)]);
        }
    }

    /** Only where nothing was done with the rod since. */
    private static function putBack(Event $event): void
    {
        $setup = $event->setup;
        if ($setup->until_at !== null && $setup->until_at->equalTo(max($event->at, $setup->tied_at)) && self::isLast($setup)) {
            $setup->update(['until_at' => null]);
        }
    }

    private static function isLast(Setup $setup): bool
    {
        return Setup::query()->where('outing_id', $setup->outing_id)->where('rod_id', $setup->rod_id)
            ->latest('tied_at')->latest('id')->value('id') === $setup->id;
    }
}
