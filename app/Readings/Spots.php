<?php

declare(strict_types=1);

namespace App\Readings;

use App\Models\Reading as ReadingRow;
use App\Models\Spot;
use App\Models\User;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Profile;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** From readings to spots and back: what was read here is kept, and what is kept of a spot is read there. */
final class Spots
{
    /** How a water is called by how it moves. */
    private const KINDS = ['river' => 'river', 'tide' => 'harbour'];

    /**
     * Takes over what is known of a spot: depth, bottom, wall, how its water moves and tastes. What was read where one was before
     * and does not hold here is set aside; what was read since stays.
     *
     * @param  Carbon|null  $at  when one came there; null for now
     */
    public static function goTo(User $user, Spot $spot, ?Carbon $at = null): void
    {
        $at ??= Carbon::now();
        DB::transaction(static function () use ($user, $spot, $at): void {
            $before = $user->readings()->where('name', ReadingBook::SPOT)->first();
            if ($before?->read_at->greaterThan($at) === true) {
                return;
            }
            $from = $before === null ? null : $user->spots()->find((int) $before->text);
            if ($from !== null && $from->id !== $spot->id) {
                Elsewhere::setAside($user, $from, $spot, $at);
            }
            self::takeOver($user, $spot, $at);
        });
    }

    /** What is known of a spot is read there, but for what was read or taken away since one came. */
    private static function takeOver(User $user, Spot $spot, Carbon $at): void
    {
        $keeper = ReadingKeeper::of($user);
        $known = self::known($spot, $user->settings()->units);
        $keeper->keep(array_diff_key($known, array_flip($keeper->since($at))), Source::Spot, $at);
        ReadingRow::query()->upsert(
            [
                [
                    'user_id' => $user->id, 'name' => ReadingBook::SPOT, 'text' => (string) $spot->id, 'si' => null,
                    'source' => Source::Spot->value, 'read_at' => (new ReadingRow)->fromDateTime($at),
                ],
            ],
            ['user_id', 'name'], ['text', 'source', 'read_at'],
        );
    }

    /** @return array<string, string|null> what is read there, as it would be typed, by reading; null takes it away */
    public static function known(Spot $spot, UnitSet $units): array
    {
        $water = $spot->water;
        $kind = array_search($water->kind, self::KINDS, true);

        return [
            'depth' => $spot->depth_m === null ? null : $units->depth->print($spot->depth_m),
            // A spot of which nothing is known says nothing of a wall either.
            'bottom' => $spot->bottom?->value, 'wall' => $spot->depth_m === null ? null : ($spot->wall ? 'yes' : 'no'),
            'flow' => $water->profile === Profile::River ? 'river' : ($kind === false ? 'still' : $kind),
            'salt' => ReadingBook::salt($water->salinity),
        ];
    }

    /** Keeps what is read now as a spot, and is there from now on. */
    public static function keepHere(User $user, string $water, string $spot): Spot
    {
        return DB::transaction(static function () use ($user, $water, $spot): Spot {
            $book = TodaysReadings::of($user);
            $read = $book->conditions();
            $at = $user->waters()->firstOrCreate(['name' => $water], [
                'kind' => self::KINDS[$book->text('flow')] ?? 'lake', 'profile' => $read->profile, 'salinity' => $read->salinity,
            ]);
            $kept = $user->spots()->updateOrCreate(['water_id' => $at->id, 'name' => $spot], [
                'depth_m' => $read->depthM ?? Conditions::ASSUMED_DEPTH_M, 'bottom' => $read->bottom ?? Bottom::RockToSand,
                'wall' => $read->wall ?? false,
            ]);
            self::takeOver($user, $kept, Carbon::now());

            return $kept;
        });
    }
}
