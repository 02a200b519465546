<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\LockingSqliteConnection;
use App\Models\User;
use App\Pictures\PictureFile;
use Closure;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Settings;
use Generator;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use stdClass;
use ZipArchive;

/**
 * Everything an angler has, as one ZIP file of JSON lists: `account.json` for name and settings, and a list for each table,
 * a row to a line. Rows are numbered from 1 in each list; a link gives the number of the row it leads to; what is not there
 * is left out. Pictures lie beside them, each by its uuid: `pictures/….jpg`. Written row by row: however much it is, hardly any
 * of it is in memory at once.
 */
final class Archive
{
    public const FORMAT = 'eskith-account';

    public const VERSION = 1;

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION;

    /** How hard it is packed: more takes twice the time for a tenth less. */
    private const PACKING = 3;

    /** @var array<string, array<int, int>> by table, the number of the row with an id */
    private array $numbers = [];

    /** @var array<string, true> tables that others lead to */
    private readonly array $ledTo;

    private function __construct(private readonly User $user)
    {
        $this->ledTo = array_fill_keys(Tables::ledTo(), true);
    }

    /** @return string path of a temporary file, for the caller to delete */
    public static function write(User $user): string
    {
        // PHP's own bound is that of a usual request.
        set_time_limit(Config::integer('eskith.archive_seconds'));
        $archive = new self($user);
        $path = (string) tempnam(sys_get_temp_dir(), 'eskith');
        $parts = [];
        try {
            $zip = new ZipArchive;
            if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
                throw new RuntimeException('The archive cannot be written.');
            }
            LockingSqliteConnection::here()->snapshot(static function () use ($archive, $zip, &$parts): void {
                foreach ($archive->pictures() as $name => $bytes) {
                    $parts[] = $part = (string) tempnam(sys_get_temp_dir(), 'eskith');
                    if (file_put_contents($part, $bytes) !== strlen($bytes)) {
                        throw self::noRoom();
                    }
                    $zip->addFile($part, $name);
                    // Packed already.
                    $zip->setCompressionName($name, ZipArchive::CM_STORE);
                }
                foreach (Tables::all() as $table) {
                    $parts[] = $part = (string) tempnam(sys_get_temp_dir(), 'eskith');
                    $archive->writeList($part, $table);
                    $zip->addFile($part, "{$table->name}.json");
                    $zip->setCompressionName("{$table->name}.json", ZipArchive::CM_DEFLATE, self::PACKING);
                }
                $zip->addFromString('account.json', json_encode($archive->account(), self::JSON | JSON_PRETTY_PRINT)."\n");
            });
            if (! $zip->close()) {
                throw new RuntimeException('The archive cannot be written.');
            }
        } finally {
            array_map(unlink(...), $parts);
        }

        return $path;
    }

    /**
     * The lists of some rows, as one JSON object, in pieces.
     *
     * @param  array<string, mixed>  $head  what stands before the lists
     * @param  array<string, Closure(Builder): mixed>  $only  by table, which of the angler's rows; tables not named are left out
     * @return Generator<int, string>
     */
    public static function lists(User $user, array $head, array $only): Generator
    {
        $archive = new self($user);
        yield substr(json_encode($head, self::JSON), 0, -1);
        foreach (Tables::all() as $table) {
            $which = $only[$table->name] ?? null;
            if ($which !== null && $archive->rows($table, $which)->exists()) {
                yield ",\n\"{$table->name}\": ";
                yield from $archive->list($table, $which);
            }
        }
        yield "}\n";
    }

    private static function noRoom(): RuntimeException
    {
        return new RuntimeException('There is no room for the archive.');
    }

    /** @return Generator<string, string> what each holds, by the name of its file */
    private function pictures(): Generator
    {
        foreach ($this->rows(Tables::named(PictureTable::NAME), null)->get(['id', 'uuid']) as $row) {
            yield PictureTable::file(Coerce::text($row->uuid)) => PictureFile::read(Coerce::whole($row->id));
        }
    }

    private function writeList(string $path, Table $table): void
    {
        $file = fopen($path, 'w') ?: throw new RuntimeException('The archive cannot be written.');
        foreach ($this->list($table) as $piece) {
            if (fwrite($file, $piece) !== strlen($piece)) {
                throw self::noRoom();
            }
        }
        fclose($file);
    }

    /**
     * @param  (Closure(Builder): mixed)|null  $only
     * @return Generator<int, string>
     */
    private function list(Table $table, ?Closure $only = null): Generator
    {
        $this->numbers[$table->name] = [];
        yield '[';
        $no = 0;
        foreach ($this->rows($table, $only)->cursor() as $raw) {
            if (isset($this->ledTo[$table->name])) {
                $this->numbers[$table->name][Coerce::whole($raw->id)] = $no + 1;
            }
            yield ($no++ === 0 ? "\n" : ",\n").json_encode($this->row($table, $raw, $no), self::JSON);
        }
        yield $no === 0 ? "]\n" : "\n]\n";
    }

    /** @param  (Closure(Builder): mixed)|null  $only */
    private function rows(Table $table, ?Closure $only): Builder
    {
        $rows = DB::table($table->name)->where("{$table->name}.user_id", $this->user->id)->orderBy("{$table->name}.id");
        if ($only !== null) {
            $only($rows);
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private function row(Table $table, stdClass $raw, int $no): array
    {
        $row = ['no' => $no];
        foreach ($table->links as $column => $to) {
            $row[$column] = $raw->{$column} === null ? null : $this->numbers[$to][Coerce::whole($raw->{$column})] ?? null;
        }
        foreach ($table->columns as $name => $column) {
            $row[$name] = $column->json && is_string($raw->{$name}) ? json_decode($raw->{$name}, true) : $raw->{$name};
        }
        if ($table->name === 'readings' && $row['name'] === ReadingBook::SPOT) {
            $row['text'] = (string) ($this->numbers['spots'][Coerce::whole($raw->text)] ?? '');
        }

        return array_filter(
            $row, static fn (mixed $value, string $name): bool => $value !== null || in_array($name, $table->younger, true),
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** @return array<string, mixed> */
    private function account(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION, 'name' => $this->user->name,
            'settings' => (object) Settings::sound($this->user->settings ?? []),
            'pinned_lure' => $this->numbers['lures'][$this->user->pinned_lure_id] ?? null,
            'rod_in_hand' => $this->numbers['rods'][$this->user->rod_id] ?? null,
        ];
    }
}
