<?php

declare(strict_types=1);

namespace App\Readings;

use App\Enums\Source;
use App\Models\Reading as ReadingRow;
use App\Models\Spot;
use App\Models\User;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Profile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** From readings to spots and back: what was read here is kept, and what is kept of a spot is read there. */
final class Spots
{
    /** How a water is called by how it moves. */
    private const KINDS = ['river' => 'river', 'tide' => 'harbour'];

    /** Takes over what is known of a spot: depth, bottom, wall, how its water moves and tastes. */
    public static function goTo(User $user, Spot $spot): void
    {
        $water = $spot->water;
        $kind = array_search($water->kind, self::KINDS, true);
        $flow = $water->profile === Profile::River ? 'river' : ($kind === false ? 'still' : $kind);
        DB::transaction(static function () use ($user, $spot, $water, $flow): void {
            ReadingKeeper::of($user)->keep([
                'depth' => $user->likes()->units->depth->print($spot->depth_m), 'bottom' => $spot->bottom->value ?? null,
                'wall' => $spot->wall ? 'yes' : 'no',
                'flow' => $flow, 'salt' => ReadingBook::salt($water->salinity),
            ], Source::Spot);
            ReadingRow::query()->upsert(
                [
                    [
                        'user_id' => $user->id, 'name' => ReadingBook::SPOT, 'text' => (string) $spot->id, 'si' => null,
                        'source' => Source::Spot->value, 'read_at' => Carbon::now(),
                    ],
                ],
                ['user_id', 'name'], ['text', 'source', 'read_at'],
            );
        });
    }

    /** Keeps what is read now as a spot, and is there from now on. */
    public static function keepHere(User $user, string $water, string $spot): Spot
    {
        return DB::transaction(static function () use ($user, $water, $spot): Spot {
            $book = ReadingBook::of($user);
            $read = $book->conditions();
            $at = $user->waters()->firstOrCreate(['name' => $water], [
                'kind' => self::KINDS[$book->text('flow')] ?? 'lake', 'profile' => $read->profile, 'salinity' => $read->salinity,
            ]);
            $kept = $user->spots()->updateOrCreate(['water_id' => $at->id, 'name' => $spot], [
                'depth_m' => $read->depthM ?? Conditions::ASSUMED_DEPTH_M, 'bottom' => $read->bottom ?? Bottom::RockToSand,
                'wall' => $read->wall ?? false,
            ]);
            self::goTo($user, $kept);

            return $kept;
        });
    }
}
