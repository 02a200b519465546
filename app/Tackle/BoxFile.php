<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Database\Caps;
use App\Models\Lure;
use Eskith\Core\Formats\Csv;
use Eskith\Core\Formats\JsonBounds;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;

/**
 * The box as a file: CSV for spreadsheets, JSON for programs (public/schema/box.schema.json). Reads either, in the
 * spellings of spreadsheets: semicolons or commas or tabs, decimal commas, a byte-order mark.
 */
final class BoxFile
{
    /** Largest file and most rows taken. */
    public const BYTES = 12_000_000;

    /** Times as much as a request that a file of a full box holds. */
    private const TIMES = 20;

    /** CSV column => field of the form, with the part of a group. */
    private const COLUMNS = [
        'id' => 'id', 'family' => 'family', 'weight' => 'weight', 'finish' => 'finish', 'red' => 'red', 'accents' => 'accents',
        'quantity' => 'quantity', 'lost' => 'lost',
        'buy_again' => 'buy_again', 'retired' => 'retired', 'length_mm' => 'length', 'height_mm' => 'height',
        'holes' => 'holes', 'balance' => 'balance',
        'base' => 'build.base', 'paint' => 'build.paint', 'pattern' => 'build.pattern', 'tape' => 'build.tape',
        'scent' => 'build.scent', 'tail' => 'build.tail',
        'bent' => 'build.bent', 'drilled' => 'build.drilled', 'stinger' => 'build.stinger', 'assist' => 'build.assist',
        'weedless' => 'build.weedless',
        'hook_front' => 'hooks.front', 'hook_rear' => 'hooks.rear', 'hook_style' => 'hooks.style',
        'hook_attach' => 'hooks.attach', 'hook_ring_mm' => 'hooks.ring_mm',
        'hooks_changed' => 'hooks.changed', 'hooks_sharpened' => 'hooks.sharpened', 'notes' => 'notes', 'usual' => 'build.usual',
    ];

    /** @param  iterable<Lure>  $rows */
    public static function csv(iterable $rows): string
    {
        return Csv::write(array_keys(self::COLUMNS), self::lines($rows));
    }

    /**
     * @param  iterable<Lure>  $rows
     * @return \Generator<int, list<string>>
     */
    private static function lines(iterable $rows): \Generator
    {
        foreach ($rows as $row) {
            $fields = ['id' => $row->uuid, ...LureForm::fields($row)];
            yield array_values(array_map(static fn (string $field): string => self::cell($fields, $field), self::COLUMNS));
        }
    }

    /** @param  iterable<Lure>  $rows */
    public static function json(iterable $rows): string
    {
        $lures = [];
        foreach ($rows as $row) {
            $fields = LureForm::fields($row);
            $lures[] = ['id' => $row->uuid, ...$fields, 'build' => (object) $fields['build'], 'hooks' => (object) $fields['hooks']];
        }

        return json_encode(
            ['format' => 'eskith-box', 'version' => 1, 'lures' => $lures],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        )."\n";
    }

    /**
     * @return array<int, array<array-key, mixed>> fields by line of the file (of the list, for JSON)
     *
     * @throws InvalidInput when it is no such file
     */
    public static function read(string $bytes): array
    {
        if (strlen($bytes) > self::BYTES) {
            throw InvalidInput::because('file', 'That file is over 12 MB; a box is much smaller. Split it, or choose another.');
        }
        if (str_starts_with($bytes, 'PK') || str_starts_with($bytes, "\x1f\x8b") || str_contains(substr($bytes, 0, 2000), "\0")) {
            throw InvalidInput::because('file', 'That is a packed or other file. Choose the CSV or JSON itself.');
        }
        $text = Csv::text($bytes);
        $rows = preg_match('/^\s*[\[{]/', $text) === 1 ? self::fromJson($text) : self::fromCsv($text);
        if ($rows === []) {
            throw InvalidInput::because('file', 'There are no lures in that file.');
        }

        return count($rows) <= Caps::of('lures') ? $rows : throw InvalidInput::because(
            'file', 'That file has over {most} rows, and a box holds no more. Split it.', most: number_format(Caps::of('lures')),
        );
    }

    /** @return array<int, array<array-key, mixed>> */
    private static function fromJson(string $text): array
    {
        $file = JsonBounds::hold($text, self::TIMES) ? json_decode($text, true, JsonBounds::LEVELS) : null;
        $lures = is_array($file) ? ($file['lures'] ?? $file) : null;
        if (! is_array($lures) || ! array_is_list($lures)) {
            throw InvalidInput::because('file', 'That JSON is not a box; it needs a list called "lures".');
        }
        $rows = [];
        foreach ($lures as $index => $lure) {
            $row = is_array($lure) ? $lure : ['family' => null];
            // A group in a file is the whole group: what it does not name is taken away.
            foreach (['build' => LureParts::BUILD, 'hooks' => LureParts::HOOKS] as $group => $parts) {
                if (is_array($row[$group] ?? null)) {
                    $row[$group] += array_fill_keys(array_keys($parts), null);
                }
            }
            $rows[$index + 1] = $row;
        }

        return $rows;
    }

    /** @return array<int, array<array-key, mixed>> */
    private static function fromCsv(string $text): array
    {
        return array_map(self::fields(...), Csv::read(
            $text, ['family', 'weight', 'finish'], 'The first line must name the columns, at least family, weight and finish.',
        ));
    }

    /**
     * @param  array<string, string>  $cells
     * @return array<string, mixed>
     */
    private static function fields(array $cells): array
    {
        $fields = [];
        $groups = [];
        foreach ($cells as $column => $text) {
            $field = self::COLUMNS[$column] ?? null;
            if (
                $field === null || (
                    $text === ''
                        && ! str_contains($field, '.')
                        && ! in_array($field, ['notes', 'accents', 'balance', 'holes', 'family', 'weight', 'finish'], true)
                )
            ) {
                continue;
            }
            [$group, $part] = [...explode('.', $field), null];
            if ($part === null) {
                $fields[$field] = $text;
            } else {
                $groups[$group][$part] = $text;
            }
        }

        return [...$fields, ...$groups];
    }

    /** @param  array<string, mixed>  $fields */
    private static function cell(array $fields, string $field): string
    {
        [$group, $part] = [...explode('.', $field), null];
        $value = $fields[$group] ?? null;
        if ($part !== null) {
            $value = is_array($value) ? $value[$part] ?? null : null;
        }
        if (is_array($value)) {
            return match ($field) {
                'holes' => Csv::guarded(implode('; ', array_map(self::hole(...), $value))),
                'accents' => implode('; ', array_map(Coerce::text(...), $value)),
                'balance' => implode(' ', array_map(Coerce::text(...), $value)),
                default => '',
            };
        }
        $text = is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');

        return is_string($value) ? Csv::guarded($text) : $text;
    }

    private static function hole(mixed $hole): string
    {
        return implode(
            ' ',
            array_map(static fn (string $of): string => is_array($hole) ? Coerce::text($hole[$of] ?? '') : '', ['name', 'x', 'y']),
        );
    }
}
