<?php

declare(strict_types=1);

namespace App\Kits;

use App\Models\User;
use Closure;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * What was worked out from an angler's record, kept for as long as the record is the same: under counts and sums of it, which
 * every deed of an angler moves. One place for each angler, written over when the record is another, so that nothing is left.
 */
final class RecordCache
{
    /** s that it is kept. */
    private const KEPT_S = 86_400;

    /**
     * @param  Closure(): ?object  $make
     * @param  list<class-string>  $classes  that it may consist of
     */
    public static function of(User $user, string $what, array $classes, Closure $make): ?object
    {
        $state = self::state($user);
        $found = Cache::get(self::place($user->id));
        $kept = is_array($found) && ($found[0] ?? null) === $state && is_array($found[1] ?? null) ? $found[1] : [];
        if (! is_string($kept[$what] ?? null)) {
            $kept[$what] = serialize($make());
            Cache::put(self::place($user->id), [$state, $kept], self::KEPT_S);
        }
        $made = unserialize($kept[$what], ['allowed_classes' => $classes]);

        return is_object($made) ? $made : null;
    }

    public static function forget(int $user): void
    {
        Cache::forget(self::place($user));
    }

    private static function place(int $user): string
    {
        return "record {$user}";
    }

    /** What changes with every change of what is learned from. */
    private static function state(User $user): string
    {
        $bites = EventKind::bites();
        $of = [
            ['events where user_id = ? and undone_at is null and kind in ('.implode(', ', array_fill(0, count($bites), '?')).')',
                ['count(*)', 'sum(setup_id)', 'sum(setup_id * setup_id)', 'max(id)'], $bites],
            ['outings where user_id = ? and deleted_at is null',
                ['count(*)', 'count(ended_at)', 'max(ended_at)', 'max(updated_at)', 'sum(id)'], []],
            ['setups where user_id = ?', ['count(*)', 'count(until_at)', 'max(until_at)', 'sum(outing_id)'], []],
            ['pauses where user_id = ?', ['count(*)', 'max(until_at)', 'sum(outing_id)'], []],
            ['lures where user_id = ?', ['max(updated_at)'], []],
        ];
        // Asked at once, and without a builder: every answer needs it.
        [$tables, $bindings] = [[], []];
        foreach ($of as $i => [$from, $told, $more]) {
            $columns = array_map(static fn (string $what, int $n): string => "{$what} as part{$i}_{$n}", $told, array_keys($told));
            $tables[] = '(select '.implode(', ', $columns)." from {$from}) as part{$i}";
            array_push($bindings, $user->id, ...$more);
        }

        return md5(json_encode(DB::selectOne('select * from '.implode(', ', $tables), $bindings), JSON_THROW_ON_ERROR));
    }
}
