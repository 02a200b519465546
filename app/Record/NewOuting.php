<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Outing;
use App\Models\User;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** An outing begins where the angler is, with what is read there. */
final class NewOuting
{
    /**
     * Whatever else is under way; the same twice is one.
     *
     * @param  Carbon|null  $at  null for now
     */
    public static function begin(User $user, string $uuid, ReadingBook $book, ?Carbon $at = null): Outing
    {
        $spot = $book->spotId === null ? null : $user->spots()->with('water')->find($book->spotId);

        return $user->outings()->createOrFirst(['user_id' => $user->id, 'uuid' => $uuid], [
            'spot_id' => $spot?->id, 'place' => $spot?->placed() ?? 'Today',
            'readings' => $book->texts(), 'started_at' => $at ?? Carbon::now(),
        ]);
    }
}
