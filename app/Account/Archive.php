<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Readings\ReadingBook;
use App\Rows\Raw;
use App\Settings\Settings;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/**
 * Everything an angler has, as one ZIP file of JSON lists: `account.json` for name and settings, and a list for each
 * table. Rows are numbered from 1 in each list; a link gives the number of the row it leads to.
 */
final class Archive
{
    public const FORMAT = 'eskith-account';

    public const VERSION = 1;

    public const JSON = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES
        | JSON_PRESERVE_ZERO_FRACTION;

    /** @return string path of a temporary file, for the caller to delete */
    public static function write(User $user): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'eskith');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('The archive cannot be written.');
        }
        foreach (self::parts($user) as $name => $part) {
            $zip->addFromString("{$name}.json", json_encode($part, self::JSON)."\n");
        }
        if (! $zip->close()) {
            throw new \RuntimeException('The archive cannot be written.');
        }

        return $path;
    }

    /** @return array<string, mixed> what stands in each file of the archive, by its name */
    public static function parts(User $user): array
    {
        return DB::transaction(static function () use ($user): array {
            $numbers = [];
            $lists = [];
            foreach (Tables::all() as $table) {
                $lists[$table->name] = self::rows($user, $table, $numbers);
            }
            $settings = Settings::sound($user->settings ?? []);

            return ['account' => [
                'format' => self::FORMAT, 'version' => self::VERSION, 'name' => $user->name, 'settings' => (object) $settings,
                'pinned_lure' => $numbers['lures'][$user->pinned_lure_id] ?? null,
                'rod_in_hand' => $numbers['rods'][$user->rod_id] ?? null,
            ], ...$lists];
        });
    }

    /**
     * @param  array<string, array<int, int>>  $numbers  by table, the number of the row with an id
     * @param  list<int>|null  $only  ids; null for all
     * @return list<array<string, mixed>>
     */
    public static function rows(User $user, Table $table, array &$numbers, ?array $only = null): array
    {
        $numbers[$table->name] = [];
        $rows = [];
        $found = DB::table($table->name)->where('user_id', $user->id)->orderBy('id');
        foreach (($only === null ? $found : $found->whereIn('id', $only))->get() as $i => $raw) {
            $numbers[$table->name][Raw::whole($raw->id)] = $i + 1;
            $row = ['no' => $i + 1];
            foreach ($table->links as $column => $to) {
                $row[$column] = $raw->{$column} === null ? null : $numbers[$to][Raw::whole($raw->{$column})] ?? null;
            }
            foreach ($table->columns as $name => $column) {
                $row[$name] = $column->json && is_string($raw->{$name}) ? json_decode($raw->{$name}, true) : $raw->{$name};
            }
            if ($table->name === 'readings' && $row['name'] === ReadingBook::SPOT) {
                $row['text'] = (string) ($numbers['spots'][Raw::whole($raw->text)] ?? '');
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
