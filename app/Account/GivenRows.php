<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Caps;
use Eskith\Core\Formats\Jpeg;
use Eskith\Core\Formats\JsonRows;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Generator;
use Illuminate\Support\Facades\Config;
use ZipArchive;

/**
 * The rows of a file that somebody brings, table by table and one at a time, however long it is: of an archive as it lies
 * packed, or of a log whose lists may stand in any order. Bounded in bytes, in how much is unpacked from how little, and in
 * seconds; what goes beyond is refused in a sentence.
 */
final class GivenRows
{
    /** Most bytes, unpacked. */
    private const BYTES = 260_000_000;

    /** Times its length that a file may unpack to, once it is more than a little. */
    private const RATIO = 60;

    private const LITTLE = 20_000_000;

    private int $bytes = 0;

    private readonly float $until;

    /** @var array<string, resource> lists of a log, each row on a line */
    private array $lists = [];

    /** @var array<array-key, mixed> what is no list */
    public array $head = [];

    private function __construct(private readonly int $most, private readonly ?ZipArchive $zip)
    {
        // PHP's own bound is that of a usual request.
        set_time_limit(Config::integer('eskith.archive_seconds') + 10);
        $this->until = microtime(true) + Config::integer('eskith.archive_seconds');
    }

    /** @throws InvalidInput when it is no archive */
    public static function ofArchive(string $path): self
    {
        $wrong = InvalidInput::because('file', 'That is no archive of an account. Choose a ZIP file that was exported here.');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw $wrong;
        }
        $self = new self(min(self::BYTES, max(self::LITTLE, self::RATIO * (int) filesize($path))), $zip);
        $stream = $zip->getStream('account.json');
        if ($stream === false) {
            throw $wrong;
        }
        foreach (JsonRows::ofLists($stream, '"account.json" in that archive', $self->count(...)) as $name => $value) {
            $self->head[$name] = $value;
        }

        return ($self->head['format'] ?? null) === Archive::FORMAT
            && ($self->head['version'] ?? null) === Archive::VERSION ? $self : throw $wrong;
    }

    /**
     * @param  resource  $stream
     *
     * @throws InvalidInput when it is none of this format and version
     */
    public static function ofLog($stream, string $format, int $version): self
    {
        $self = new self(self::BYTES, null);
        $known = array_fill_keys(array_map(static fn (Table $table): string => $table->name, Tables::all()), true);
        $rows = [];
        foreach (JsonRows::ofLists($stream, 'that file', $self->count(...)) as $name => $value) {
            if (! isset($known[$name])) {
                $self->head[$name] = $value;
            } elseif (is_array($value)) {
                $rows[$name] = ($rows[$name] ?? 0) + 1;
                self::demandRoom($name, $rows[$name]);
                $self->lists[$name] ??= tmpfile() ?: throw new \RuntimeException('There is no room to read that file.');
                fwrite($self->lists[$name], json_encode($value, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)."\n");
            } else {
                throw InvalidInput::because('file', '"{name}" in that file is no list of rows. Export it again.', name: $name);
            }
        }

        return ($self->head['format'] ?? null) === $format && ($self->head['version'] ?? null) === $version
            ? $self : throw InvalidInput::because('file', 'That is no log of outings. Choose a file that was exported here.');
    }

    /**
     * @return Generator<int, mixed>
     *
     * @throws InvalidInput
     */
    public function of(string $table): Generator
    {
        if ($this->zip !== null) {
            $stream = $this->zip->getStream("{$table}.json");
            if ($stream !== false) {
                $rows = 0;
                foreach (JsonRows::ofList($stream, Words::of(
                    '"{table}.json" in that archive', table: $table,
                ), $this->count(...)) as $row) {
                    self::demandRoom($table, ++$rows);
                    yield $row;
                }
            }
        } elseif (isset($this->lists[$table])) {
            rewind($this->lists[$table]);
            while (($line = fgets($this->lists[$table])) !== false) {
                yield json_decode($line, true);
            }
        }
    }

    /** What a picture of an archive holds; '' where there is none, or one too large. */
    public function picture(string $uuid): string
    {
        $name = PictureTable::file($uuid);
        $found = $this->zip === null ? false : $this->zip->statName($name);
        if ($this->zip === null || $found === false || $found['size'] > Jpeg::BYTES) {
            return '';
        }
        $this->count($found['size']);

        return (string) $this->zip->getFromName($name);
    }

    /**
     * Goes through all of it once: what is wrong with it is known before anything of it is written.
     *
     * @throws InvalidInput when it cannot be read to its end
     */
    public function demandWhole(): void
    {
        foreach (Tables::all() as $table) {
            foreach ($this->of($table->name) as $row) {
                unset($row);
            }
        }
        $this->bytes = 0;
    }

    /** @throws InvalidInput when there are more rows of a table than one angler can have */
    private static function demandRoom(string $table, int $rows): void
    {
        if ($rows > Caps::of($table)) {
            throw InvalidInput::because('file', 'That file has more {table} than one angler can have; it is not read.', table: $table);
        }
    }

    /** @throws InvalidInput when it has taken too long */
    public function demandTime(): void
    {
        if (microtime(true) > $this->until) {
            throw InvalidInput::because(
                'file', 'That file takes too long to read here. Choose it again: the rest is added.',
            );
        }
    }

    /** @throws InvalidInput */
    private function count(int $bytes): void
    {
        $this->bytes += $bytes;
        if ($this->bytes > $this->most) {
            throw InvalidInput::because('file', 'That file unpacks to more than any account holds; it is not read.');
        }
        $this->demandTime();
    }
}
