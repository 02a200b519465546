<?php

declare(strict_types=1);

namespace App\Backup;

use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use SQLite3;

/** The SQLite file that holds the records: copied while it is used, checked, and put back. */
final class DatabaseFile
{
    /** @throws RuntimeException when the records do not lie in an SQLite file */
    public static function path(): string
    {
        $path = DB::connection()->getDatabaseName();
        if (DB::connection()->getDriverName() !== 'sqlite' || $path === ':memory:') {
            throw new RuntimeException('The records do not lie in an SQLite file; use the backup of the database that holds them.');
        }

        return $path;
    }

    /**
     * Copies the records as they are at one moment, checks the copy, and only then gives it its name.
     *
     * @throws RuntimeException when it cannot be written or the copy is not sound; then there is no new file
     */
    public static function copyTo(string $target): void
    {
        $partial = $target.'.part';
        @unlink($partial);
        try {
            // VACUUM INTO reads one snapshot and disturbs no writer.
            if (! @(new SQLite3(self::path(), SQLITE3_OPEN_READWRITE))->exec("VACUUM INTO '".SQLite3::escapeString($partial)."'")) {
                throw new RuntimeException("The copy cannot be written to {$target}.");
            }
            $faults = self::faults($partial);
            if ($faults !== []) {
                throw new RuntimeException('The copy is not sound: '.$faults[0]);
            }
            if (! @rename($partial, $target)) {
                throw new RuntimeException("The copy cannot be written to {$target}.");
            }
        } finally {
            @unlink($partial);
        }
    }

    /**
     * Puts a copy in the place of the records, for servers that are running too.
     *
     * @throws RuntimeException when it is no sound backup; then nothing has changed
     */
    public static function restore(string $source): void
    {
        $faults = is_file($source) ? self::faults($source) : ['there is no such file'];
        if ($faults !== []) {
            throw new RuntimeException("That is no backup of Eskith: {$faults[0]}.");
        }
        $from = new SQLite3($source, SQLITE3_OPEN_READONLY);
        $to = new SQLite3(self::path(), SQLITE3_OPEN_READWRITE | SQLITE3_OPEN_CREATE);
        $to->busyTimeout(20_000);
        if (! $from->backup($to)) {
            throw new RuntimeException('The records are in use and were not replaced; stop the server and try again.');
        }
        $to->close();
        DB::purge();
    }

    /** @return list<string> what is wrong with a file of records; nothing when it is sound */
    public static function faults(string $path): array
    {
        if (@file_get_contents($path, length: 16) !== "SQLite format 3\0") {
            return ['it is not an SQLite file'];
        }
        try {
            $file = new SQLite3($path, SQLITE3_OPEN_READWRITE);
            $file->enableExceptions(true);
            $faults = [];
            $found = $file->query('PRAGMA integrity_check(5)');
            while ($found !== false && ($row = $found->fetchArray(SQLITE3_NUM)) !== false) {
                $faults[] = Coerce::text($row[0]);
            }
            if ($faults !== ['ok']) {
                return $faults;
            }
            if (
                $file->querySingle(
                    "SELECT COUNT(*) FROM sqlite_master WHERE type = 'table' AND name IN ('users', 'lures', 'outings', 'migrations')",
                ) !== 4
            ) {
                return ['it holds no anglers, lures and outings'];
            }
            $loose = $file->querySingle('PRAGMA foreign_key_check', true);
            if (is_array($loose) && $loose !== []) {
                return ['a row of "'.Coerce::text($loose['table']).'" leads to one that is not there'];
            }

            return self::unknownSteps($file);
        } catch (\Exception $broken) {
            return [$broken->getMessage()];
        }
    }

    /** @return list<string> a backup of a newer Eskith cannot be read by this one */
    private static function unknownSteps(SQLite3 $file): array
    {
        $known = array_map(static fn (string $path): string => basename($path, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $found = $file->query('SELECT migration FROM migrations');
        while ($found !== false && ($row = $found->fetchArray(SQLITE3_NUM)) !== false) {
            if (! in_array($row[0], $known, true)) {
                return ['it comes from a newer Eskith, which knows "'.Coerce::text($row[0]).'"'];
            }
        }

        return [];
    }
}
