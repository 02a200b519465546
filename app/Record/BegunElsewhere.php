<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Outing;
use App\Models\User;
use App\Readings\TodaysReadings;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** An outing that began on a device a while ago, and is heard of now. */
final class BegunElsewhere
{
    /**
     * It goes into one that is under way, unless that is days apart; the same twice changes nothing.
     *
     * @throws InvalidInput when there can be no more of them
     */
    public static function keep(User $user, string $uuid, Carbon $at): void
    {
        DB::transaction(static function () use ($user, $uuid, $at): void {
            $all = Outing::query()->where('user_id', $user->id);
            if ((clone $all)->where('uuid', $uuid)->exists() || $all->whereJsonContains('joined', $uuid)->exists()) {
                return;
            }
            $underWay = Logbook::of($user)->underWay();
            if ($underWay !== null && abs($underWay->started_at->diffInHours($at)) <= OutingKeeper::APART_H) {
                $underWay->update([
                    'started_at' => min($underWay->started_at, $at), 'joined' => OutingKeeper::knownAs($underWay, $uuid),
                ]);
            } else {
                NewOuting::begin($user, $uuid, TodaysReadings::of($user), $at);
            }
        });
    }
}
