<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;
use SplTempFileObject;

/**
 * Tables as spreadsheets read and write them: semicolons or commas or tabs, a byte-order mark, line ends of every system.
 * What a spreadsheet would take for a formula is written behind an apostrophe, and read without it.
 */
final class Csv
{
    /** Most lines of a table, empty ones too. */
    private const LINES = 200_000;

    /** Most columns. */
    private const COLUMNS = 200;

    /**
     * @param  list<string>  $head
     * @param  iterable<list<string>>  $rows
     */
    public static function write(array $head, iterable $rows): string
    {
        $out = new SplTempFileObject;
        $out->fputcsv($head, ',', '"', '');
        foreach ($rows as $row) {
            $out->fputcsv($row, ',', '"', '');
        }
        $long = (int) $out->ftell();
        $out->rewind();

        return (string) $out->fread(max(1, $long));
    }

    /** A text that no spreadsheet takes for a formula. */
    public static function guarded(string $text): string
    {
        return preg_match("/^'*[=+\\-@\t\r]/", $text) === 1 ? "'{$text}" : $text;
    }

    /** As text of any file: without a byte-order mark, in UTF-8. */
    public static function text(string $bytes): string
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $bytes);

        return mb_check_encoding($text, 'UTF-8') ? $text : (string) mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /**
     * @param  list<string>  $oneOf  the first line must name one of them
     * @return array<int, array<string, string>> by line of the file, cells by the lower-case name of their column
     *
     * @throws InvalidInput when the first line names none of them, or a quote is never closed
     */
    public static function read(string $text, array $oneOf, string $else): array
    {
        // Line ends of every system are one, so that lines are counted the same.
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        self::demandLines($text, self::LINES);
        $delimiter = self::delimiter(strtok($text, "\n") ?: '');
        $in = new SplTempFileObject;
        $in->fwrite($text);
        $in->rewind();
        $head = array_map(
            static fn (?string $name): string => mb_strtolower(trim((string) $name)),
            $in->fgetcsv($delimiter, '"', '') ?: [],
        );
        if (array_intersect($oneOf, $head) === []) {
            throw InvalidInput::because('file', $else);
        }
        $rows = [];
        $at = (int) $in->ftell();
        $line = 1 + substr_count($text, "\n", 0, $at);
        while (is_array($cells = $in->fgetcsv($delimiter, '"', ''))) {
            $raw = substr($text, $at, (int) $in->ftell() - $at);
            $at = (int) $in->ftell();
            if (substr_count($raw, '"') % 2 === 1) {
                throw InvalidInput::because(
                    'file', 'Line {line} opens a quote and never closes it. Close it, and choose the file again.', line: $line,
                );
            }
            if ($cells !== [null] && array_filter($cells, static fn (?string $cell): bool => trim((string) $cell) !== '') !== []) {
                $rows[$line] = self::cells($head, $cells);
            }
            $line += substr_count($raw, "\n");
        }

        return $rows;
    }

    /**
     * @param  list<string>  $head
     * @param  list<string|null>  $cells
     * @return array<string, string>
     */
    private static function cells(array $head, array $cells): array
    {
        $row = [];
        foreach ($head as $index => $column) {
            $row[$column] = (string) preg_replace("/^'(?='*[=+\\-@\t])/", '', trim((string) ($cells[$index] ?? '')));
        }

        return $row;
    }

    /** @throws InvalidInput when a table has more lines, empty ones too, or columns than any that is kept here */
    public static function demandLines(string $text, int $most): void
    {
        $first = strtok($text, "\n") ?: '';
        if (substr_count($text, "\n") > $most || substr_count($first, self::delimiter($first)) > self::COLUMNS) {
            throw InvalidInput::because(
                'file', 'That table has more than {most} lines, or columns without end. Split it.', most: number_format($most),
            );
        }
    }

    /** The sign that parts cells, by the first line. */
    public static function delimiter(string $first): string
    {
        return array_reduce(
            [',', ';', "\t"],
            static fn (string $best, string $one): string => substr_count($first, $one) > substr_count($first, $best) ? $one : $best,
            ',',
        );
    }
}
