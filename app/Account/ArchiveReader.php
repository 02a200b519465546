<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Pieces;
use App\Models\User;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Readings\ReadingBook;
use Eskith\Telling\Settings\Settings;
use Generator;
use PDOException;

/**
 * Reads an archive into an account, row by row and in short transactions, so that nobody else waits for a large one: what the
 * account lacks is added, what is there stays as it is, and a row that cannot be, or for which there is no room, is refused by
 * itself. Broken off, the same file goes on where it was.
 */
final class ArchiveReader
{
    /** Largest archive, packed, bytes. */
    public const PACKED = 100_000_000;

    /** Rows between two looks at the time. */
    private const LOOK_EVERY = 500;

    /** SQLSTATE class of rows that cannot be beside others. */
    private const CANNOT_BE = '23';

    /** Refused rows that are named. */
    private const NAMED = 5;

    /** @var array<string, array<int, int>> by table, the id of the row that an archive numbers so */
    private array $ids = [];

    /** @var array<int, int|null> by outing: where it began */
    private array $spots = [];

    private int $added = 0;

    private int $there = 0;

    private int $refused = 0;

    /** @var list<string> the first of them */
    private array $which = [];

    private readonly PictureRows $pictures;

    private function __construct(private readonly User $user, private readonly GivenRows $given)
    {
        $this->pictures = PictureRows::of($user->id, $given);
    }

    /**
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it is no such archive; then nothing has changed
     */
    public static function take(User $user, string $path): string
    {
        return OneFile::of($user, static function () use ($user, $path): string {
            $reader = new self($user, GivenRows::ofArchive($path));
            $reader->given->demandWhole();
            $reader->all();
            $reader->account($reader->given->head);

            return $reader->told();
        });
    }

    /**
     * Outings as LogFile writes them, in the same way.
     *
     * @return string what was done, in a sentence
     *
     * @throws InvalidInput when it cannot be read to its end; then nothing has changed
     */
    public static function takeLog(User $user, GivenRows $log): string
    {
        $reader = new self($user, $log);
        $reader->all();

        return $reader->told();
    }

    private function all(): void
    {
        // Waters and spots lean on each other where they were kept in degrees; there are few of either.
        $places = OlderSpots::placed([
            'waters' => iterator_to_array($this->rows('waters'), false), 'spots' => iterator_to_array($this->rows('spots'), false),
        ]);
        foreach (Tables::all() as $table) {
            $this->table($table, isset($places[$table->name]) ? self::each($places[$table->name]) : $this->rows($table->name));
        }
    }

    /**
     * @param  array<array-key, mixed>  $rows
     * @return Generator<int, mixed>
     */
    private static function each(array $rows): Generator
    {
        yield from array_values($rows);
    }

    /**
     * @return Generator<int, mixed> the rows of a table
     *
     * @throws InvalidInput when there are more than one angler can have
     */
    private function rows(string $table): Generator
    {
        foreach ($this->given->of($table) as $i => $row) {
            if ($i % self::LOOK_EVERY === 0) {
                $this->given->demandTime();
            }
            yield $row;
        }
    }

    /** @param  Generator<int, mixed>  $rows */
    private function table(Table $table, Generator $rows): void
    {
        $into = RowsInto::of($table, $this->user->id);
        try {
            Pieces::each($rows, function (mixed $given, int $i) use ($table, $into): void {
                $this->row($table, $into, $given, $i);
            });
            $into->end();
        } catch (PDOException $fault) {
            if (! str_starts_with((string) $fault->getCode(), self::CANNOT_BE)) {
                throw $fault;
            }
            throw InvalidInput::because('file', 'Your record changed meanwhile. Choose the file again, and the rest is added.');
        }
        $this->added += $into->added;
        $this->there += $into->there;
    }

    private function row(Table $table, RowsInto $into, mixed $given, int $i): void
    {
        $row = is_array($given) ? $this->columns($table, $given) : null;
        $id = match (true) {
            $row === null => null,
            $table->name === PictureTable::NAME => $this->pictures->add($into, $row),
            default => $into->add($row),
        };
        if ($id === null) {
            $this->refused++;
            if ($this->refused <= self::NAMED) {
                $this->which[] = "{$table->name} ".($i + 1);
            }
        } elseif ($into->isLedTo) {
            $no = $given['no'] ?? null;
            $this->ids[$table->name][is_int($no) ? $no : $i + 1] = $id;
            if ($table->name === 'outings') {
                $this->spots[$id] = ($row['spot_id'] ?? null) === null ? null : Coerce::whole($row['spot_id']);
            }
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
        if ($table->name === 'setups' && ! array_key_exists('spot_id', $given)) {
            // Written before an outing could go on at another spot: it was fished where its outing was.
            $row['spot_id'] = $this->spots[Coerce::whole($row['outing_id'])] ?? null;
        }
        if ($table->name === 'readings') {
            [$row['name'], $row['text']] = Renamed::reading(Coerce::text($row['name']), Coerce::text($row['text'])) ?? ['', ''];
        }
        if ($table->name === 'readings' && $row['name'] === ReadingBook::SPOT) {
            $row['text'] = (string) ($this->ids['spots'][Coerce::whole($row['text'])] ?? '');
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
        $which = implode(', ', $this->which).($this->refused > self::NAMED ? ' …' : '.');

        return $this->refused === 0
            ? Words::of('Read in: {added} added, {there} there already.', added: $this->added, there: $this->there)
            : Words::of(
                'Read in: {added} added, {there} there already, {refused} refused as impossible: {which}',
                added: $this->added, there: $this->there, refused: $this->refused, which: $which,
            );
    }
}
