<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Keeps the rod at hand as it is rigged. */
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
}
