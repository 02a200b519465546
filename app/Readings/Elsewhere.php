<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Spot;
use App\Models\User;
use Eskith\Telling\Readings\Holding;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What was read at another spot or water and no longer holds: set aside as one moves on, and kept to be offered. */
final readonly class Elsewhere
{
    private const TABLE = 'readings_elsewhere';

    /** Sets aside what was read at a spot before a moment and does not hold at the next. */
    public static function setAside(User $user, Spot $from, Spot $to, Carbon $at): void
    {
        $gone = [];
        foreach (Holding::gone(TodaysReadings::kept($user), $from->water_id !== $to->water_id, $at) as $one) {
            $gone[$one->name] = [
                'user_id' => $user->id, 'spot_id' => $from->id, 'name' => $one->name, 'text' => $one->text,
                'read_at' => (new Spot)->fromDateTime($one->readAt),
            ];
        }
        DB::table(self::TABLE)->upsert(array_values($gone), ['user_id', 'name'], ['spot_id', 'text', 'read_at']);
        ReadingKeeper::of($user)->takeAway(array_keys($gone), $at);
    }

    /** @return iterable<\stdClass> what is set aside: name, text, read_at, spot and spot_id; the last read first */
    public static function since(User $user, Carbon $since): iterable
    {
        return DB::table(self::TABLE)->where(self::TABLE.'.user_id', $user->id)->where('read_at', '>', $since)
            ->join('spots', 'spots.id', '=', self::TABLE.'.spot_id')->orderByDesc('read_at')->orderBy(self::TABLE.'.id')
            ->get([self::TABLE.'.name', 'text', 'read_at', 'spots.name as spot', 'spots.id as spot_id']);
    }
}
