<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Enums\EventKind;
use App\Models\History;
use App\Models\Rod;
use App\Models\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Keeps the rod at hand as it is rigged, and what has worn it. */
final class RodKeeper
{
    /**
     * @param  array{uuid: string, ...}  $rod  columns
     * @param  int|null  $lineId  goes on its reel; null leaves what is there
     */
    public static function keep(User $user, array $rod, ?int $lineId): void
    {
        DB::transaction(static function () use ($user, $rod, $lineId): void {
            // The rod at hand is one: a page that was opened before there was any names another.
            $kept = $user->rods()->first();
            $kept === null ? $user->rods()->create($rod) : $kept->update([...$rod, 'uuid' => $kept->uuid]);
            if ($lineId !== null) {
                GearKeeper::of($user)->putOnTheReel($lineId);
            }
        });
    }

    /**
     * The leader was looked at and tied anew.
     *
     * @param  string  $uuid  of this tying, so that a repeat is not written down twice
     */
    public static function retie(User $user, string $uuid): void
    {
        DB::transaction(static function () use ($user, $uuid): void {
            $rod = $user->rods()->firstOrFail();
            if ($user->history()->where('uuid', $uuid)->exists()) {
                return;
            }
            $rod->update(['retied_at' => Carbon::now()]);
            History::query()->create(
                ['user_id' => $user->id, 'uuid' => $uuid, 'what' => "Leader tied anew: {$rod->name}", 'at' => Carbon::now()],
            );
        });
    }

    /** Fish and snags since the leader was tied. */
    public static function worn(User $user, ?Rod $rod): int
    {
        $since = $rod === null ? null : $rod->retied_at ?? $rod->created_at;

        return $since === null
            ? 0
            : $user->events()->standing()->whereIn('kind', EventKind::wearing())->where('at', '>', $since)->count();
    }
}
