<?php

declare(strict_types=1);

namespace App\Database;

use Generator;
use Illuminate\Support\Facades\DB;

/**
 * Work on very many rows, in transactions so short that no other writer waits long: SQLite has one at a time. Each of them
 * stands once it is done, so this is for what may be done again where it was broken off.
 */
final class Pieces
{
    /** s of one transaction, about, and µs between two: who waits for the lock looks for it every tenth of a second. */
    private const LONGEST_S = 0.4;

    private const PAUSE_US = 110_000;

    /** Rows that are taken away by one statement. */
    private const ROWS = 2_000;

    /**
     * @template K
     * @template V
     *
     * @param  Generator<K, V>  $rows
     * @param  callable(V, K): mixed  $write
     */
    public static function each(Generator $rows, callable $write): void
    {
        while ($rows->valid()) {
            DB::transaction(static function () use ($rows, $write): void {
                $until = microtime(true) + self::LONGEST_S;
                do {
                    $write($rows->current(), $rows->key());
                    $rows->next();
                } while ($rows->valid() && microtime(true) < $until);
            });
            if ($rows->valid()) {
                usleep(self::PAUSE_US);
            }
        }
    }

    /** All that an angler has in a table is taken away. */
    public static function delete(string $table, int $angler): void
    {
        self::each((static function () use ($table, $angler): Generator {
            while (DB::table($table)->where('user_id', $angler)->exists()) {
                yield $table;
            }
        })(), static fn () => DB::table($table)->whereIn(
            'id', DB::table($table)->where('user_id', $angler)->limit(self::ROWS)->select('id'),
        )->delete());
    }
}
