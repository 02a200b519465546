<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Lure;
use App\Rows\Raw;
use Eskith\Core\Units\InvalidInput;

/**
 * The box as a file: CSV for spreadsheets, JSON for programs (public/schema/box.schema.json). Reads either, in the
 * spellings of spreadsheets: semicolons or commas or tabs, decimal commas, a byte-order mark.
 */
final class BoxFile
{
    /** Largest file and most rows taken. */
    public const BYTES = 12_000_000;

    private const ROWS = Box::MOST;

    /** CSV column => field of the form, with the part of a group. */
    private const COLUMNS = [
        'id' => 'id', 'family' => 'family', 'weight' => 'weight', 'finish' => 'finish', 'red' => 'red', 'accents' => 'accents',
        'quantity' => 'quantity', 'lost' => 'lost',
        'buy_again' => 'buy_again', 'retired' => 'retired', 'length_mm' => 'length', 'height_mm' => 'height',
        'holes' => 'holes', 'balance' => 'balance',
        'base' => 'build.base', 'paint' => 'build.paint', 'pattern' => 'build.pattern', 'tape' => 'build.tape',
        'scent' => 'build.scent', 'tail' => 'build.tail',
        'bent' => 'build.bent', 'drilled' => 'build.drilled', 'stinger' => 'build.stinger', 'assist' => 'build.assist',
        'hook_front' => 'hooks.front', 'hook_rear' => 'hooks.rear', 'hook_style' => 'hooks.style',
        'hook_attach' => 'hooks.attach', 'hook_ring_mm' => 'hooks.ring_mm',
        'hooks_changed' => 'hooks.changed', 'hooks_sharpened' => 'hooks.sharpened', 'notes' => 'notes', 'usual' => 'build.usual',
    ];

    /** @param  iterable<Lure>  $rows */
    public static function csv(iterable $rows): string
    {
        $out = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary file.');
        fputcsv($out, array_keys(self::COLUMNS), ',', '"', '');
        foreach ($rows as $row) {
            $fields = ['id' => $row->uuid, ...LureForm::fields($row)];
            fputcsv($out, array_map(static fn (string $field): string => self::cell($fields, $field), self::COLUMNS), ',', '"', '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
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
            throw InvalidInput::because('file', 'That is a packed or other file; choose the CSV or JSON itself.');
        }
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes);
        if (! mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $rows = preg_match('/^\s*[\[{]/', $text) === 1 ? self::fromJson($text) : self::fromCsv($text);
        if ($rows === []) {
            throw InvalidInput::because('file', 'There are no lures in that file.');
        }

        return count($rows) <= self::ROWS ? $rows : throw InvalidInput::because(
            'file', 'That file has over '.number_format(self::ROWS).' rows, and a box holds no more; split it.',
        );
    }

    /** @return array<int, array<array-key, mixed>> */
    private static function fromJson(string $text): array
    {
        $file = json_decode($text, true, 16);
        $lures = is_array($file) ? ($file['lures'] ?? $file) : null;
        if (! is_array($lures) || ! array_is_list($lures)) {
            throw InvalidInput::because('file', 'That JSON is not a box; it needs a list called "lures".');
        }
        $rows = [];
        foreach ($lures as $index => $lure) {
            $row = is_array($lure) ? $lure : ['family' => null];
            // A group in a file is the whole group: what it does not name is taken away.
            foreach (['build' => LureForm::BUILD, 'hooks' => LureForm::HOOKS] as $group => $parts) {
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
        // Line ends of every system are one, so that lines are counted the same.
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $first = strtok($text, "\n") ?: '';
        $delimiter = array_reduce(
            [',', ';', "\t"],
            static fn (string $best, string $one): string => substr_count($first, $one) > substr_count($first, $best) ? $one : $best,
            ',',
        );
        $in = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary file.');
        fwrite($in, $text);
        rewind($in);
        $head = array_map(
            static fn (?string $name): string => mb_strtolower(trim((string) $name)),
            fgetcsv($in, null, $delimiter, '"', '') ?: [],
        );
        if (array_intersect(['family', 'weight', 'finish'], $head) === []) {
            throw InvalidInput::because('file', 'The first line must name the columns, at least family, weight and finish.');
        }
        $rows = [];
        $at = (int) ftell($in);
        $line = 1 + substr_count($text, "\n", 0, $at);
        while (($cells = fgetcsv($in, null, $delimiter, '"', '')) !== false) {
            $raw = substr($text, $at, (int) ftell($in) - $at);
            $at = (int) ftell($in);
            if (substr_count($raw, '"') % 2 === 1) {
                throw InvalidInput::because(
                    'file', "On line {$line} a quote is opened and never closed; close it, and choose the file again.",
                );
            }
            if ($cells !== [null] && array_filter($cells, static fn (?string $cell): bool => trim((string) $cell) !== '') !== []) {
                $rows[$line] = self::fields($head, $cells);
            }
            $line += substr_count($raw, "\n");
        }

        return $rows;
    }

    /**
     * @param  list<string>  $head
     * @param  list<string|null>  $cells
     * @return array<string, mixed>
     */
    private static function fields(array $head, array $cells): array
    {
        $fields = [];
        $groups = [];
        foreach ($head as $index => $column) {
            $field = self::COLUMNS[$column] ?? null;
            $text = preg_replace("/^'(?='*[=+\\-@\t])/", '', trim((string) ($cells[$index] ?? '')));
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
                'holes' => self::guarded(implode('; ', array_map(self::hole(...), $value))),
                'accents' => implode('; ', array_map(Raw::text(...), $value)),
                'balance' => implode(' ', array_map(Raw::text(...), $value)),
                default => '',
            };
        }
        $text = is_bool($value) ? ($value ? 'yes' : 'no') : (is_scalar($value) ? (string) $value : '');

        return is_string($value) ? self::guarded($text) : $text;
    }

    private static function hole(mixed $hole): string
    {
        return implode(
            ' ',
            array_map(static fn (string $of): string => is_array($hole) ? Raw::text($hole[$of] ?? '') : '', ['name', 'x', 'y']),
        );
    }

    /** A spreadsheet would run a cell that begins like a formula: it goes out as text, and one that looks so already once more. */
    private static function guarded(string $text): string
    {
        return preg_match("/^'*[=+\\-@\t]/", $text) === 1 ? "'{$text}" : $text;
    }
}
