<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use App\Readings\ReadingBook;
use App\Rows\Raw;
use App\Settings\Settings;
use App\Tackle\Box;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Facades\DB;
use ZipArchive;

/**
 * Reads an archive into an account, in one transaction: what the account lacks is added, what is there stays as it is,
 * and a row that cannot be is refused by itself.
 */
final class ArchiveReader
{
    /** Largest archive, packed and unpacked, bytes, and most rows in all. */
    public const PACKED = 12_000_000;

    private const UNPACKED = 80_000_000;

    private const ROWS = 60_000;

    /** @var array<string, array<int, int>> by table, the id of the row that an archive numbers so */
    private array $ids = [];

    private int $added = 0;

    private int $there = 0;

    /** @var list<string> */
    private array $refused = [];

    private function __construct(private readonly User $user)
    {
    }

    /**
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it is no such archive; then nothing has changed
     */
    public static function take(User $user, string $path): string
    {
        $parts = OlderSpots::placed(self::open($path));
        $reader = new self($user);
        DB::transaction(static function () use ($reader, $parts): void {
            foreach (Tables::all() as $table) {
                $reader->table($table, $parts[$table->name] ?? []);
            }
            $reader->account($parts['account']);
        });

        return $reader->told();
    }

    /**
     * Outings as LogFile writes them, in one transaction.
     *
     * @param  array<string, array<array-key, mixed>>  $lists  rows by table
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when there are more rows than one angler has; then nothing has changed
     */
    public static function takeLists(User $user, array $lists): string
    {
        self::demandRoom(array_sum(array_map(count(...), $lists)));
        $lists = OlderSpots::placed($lists);
        $reader = new self($user);
        DB::transaction(static function () use ($reader, $lists): void {
            foreach (Tables::all() as $table) {
                $reader->table($table, $lists[$table->name] ?? []);
            }
        });

        return $reader->told();
    }

    /** @throws InvalidInput */
    private static function demandRoom(int $rows): void
    {
        if ($rows > self::ROWS) {
            throw InvalidInput::because('file', 'That file has over '.self::ROWS.' rows; it cannot be one of a single angler.');
        }
    }

    /** @return array<string, array<array-key, mixed>> */
    private static function open(string $path): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw InvalidInput::because('file', 'That is no archive of an account; choose a ZIP file that was exported here.');
        }
        $left = self::UNPACKED;
        $rows = 0;
        $parts = [];
        foreach (['account', ...array_map(static fn (Table $table): string => $table->name, Tables::all())] as $name) {
            $size = $zip->statName("{$name}.json")['size'] ?? 0;
            $left -= $size;
            $text = $left < 0 ? false : $zip->getFromName("{$name}.json", $size);
            $part = is_string($text) ? json_decode($text, true, 32) : [];
            if ($left < 0 || ! is_array($part)) {
                throw InvalidInput::because('file', "\"{$name}.json\" in that archive cannot be read; export it anew.");
            }
            $parts[$name] = $part;
            $rows += $name === 'account' ? 0 : count($part);
        }
        if (($parts['account']['format'] ?? null) !== Archive::FORMAT || ($parts['account']['version'] ?? null) !== Archive::VERSION) {
            throw InvalidInput::because('file', 'That is no archive of an account; choose a ZIP file that was exported here.');
        }

        self::demandRoom($rows);

        return $parts;
    }

    /** @param  array<array-key, mixed>  $rows */
    private function table(Table $table, array $rows): void
    {
        $have = [];
        foreach (DB::table($table->name)->where('user_id', $this->user->id)->get(['id', ...$table->known]) as $row) {
            $have[self::key($table, get_object_vars($row))] = Raw::whole($row->id);
        }
        $room = $table->name === 'lures' ? Box::MOST - count($have) : self::ROWS;
        foreach (array_values($rows) as $i => $given) {
            $row = is_array($given) ? $this->columns($table, $given) : null;
            if ($row === null || ($room < 1 && ! isset($have[self::key($table, $row)]))) {
                $this->refused[] = "{$table->name} ".($i + 1);

                continue;
            }
            $key = self::key($table, $row);
            $this->there += (int) isset($have[$key]);
            if (! isset($have[$key])) {
                $have[$key] = DB::table($table->name)->insertGetId([...$row, 'user_id' => $this->user->id]);
                $this->added++;
                $room--;
            }
            $no = $given['no'] ?? null;
            $this->ids[$table->name][is_int($no) ? $no : $i + 1] = $have[$key];
        }
    }

    /**
     * @param  array<array-key, mixed>  $given
     * @return array<string, mixed>|null as columns; null when it cannot be
     */
    private function columns(Table $table, array $given): ?array
    {
        $row = [];
        foreach ($table->links as $column => $to) {
            $number = $given[$column] ?? null;
            $row[$column] = is_int($number) ? ($this->ids[$to][$number] ?? null) : null;
            if ($row[$column] === null && ! in_array($column, $table->optional, true)) {
                return null;
            }
        }
        foreach ($table->columns as $name => $column) {
            $value = $given[$name] ?? $column->otherwise;
            if (! $column->holds($value)) {
                return null;
            }
            $row[$name] = $column->json && $value !== null
                ? json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION)
                : $value;
        }
        if ($table->name === 'readings' && $row['name'] === ReadingBook::SPOT) {
            $row['text'] = (string) ($this->ids['spots'][Raw::whole($row['text'])] ?? '');
        }

        return $table->sound === null || ($table->sound)($row) ? $row : null;
    }

    /** @param  array<array-key, mixed>  $account */
    private function account(array $account): void
    {
        $given = is_array($account['settings'] ?? null) ? $account['settings'] : [];
        $settings = Settings::sound($given);
        $pinned = $account['pinned_lure'] ?? null;
        $rod = $account['rod_in_hand'] ?? null;
        $this->user->update([
            'settings' => ($this->user->settings ?? []) === [] ? $settings : $this->user->settings,
            'pinned_lure_id' => $this->user->pinned_lure_id ?? (is_int($pinned) ? $this->ids['lures'][$pinned] ?? null : null),
            'rod_id' => $this->user->rod_id ?? (is_int($rod) ? $this->ids['rods'][$rod] ?? null : null)
                ?? $this->user->rods()->onBoard()->value('id'),
        ]);
    }

    private function told(): string
    {
        $refused = count($this->refused);
        $which = implode(', ', array_slice($this->refused, 0, 5)).($refused > 5 ? ' …' : '.');

        return "Read in: {$this->added} added, {$this->there} there already"
            .($refused === 0 ? '.' : ", {$refused} refused because they cannot be: {$which}");
    }

    /** @param  array<array-key, mixed>  $row */
    private static function key(Table $table, array $row): string
    {
        return implode("\n", array_map(static fn (string $column): string => mb_strtolower(Raw::text($row[$column])), $table->known));
    }
}
