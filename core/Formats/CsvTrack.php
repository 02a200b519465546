<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;
use SplTempFileObject;

/**
 * Tables of depths: latitude and longitude in degrees, or east and north in metres, with a depth in metres or feet, and a time
 * where there is one. Columns are known by their names, in any order.
 */
final class CsvTrack
{
    /** Names of columns, each with what is made of its figures: to degrees or m. */
    private const COLUMNS = [
        'lat' => ['latitude', 1.0], 'latitude' => ['latitude', 1.0], 'lon' => ['longitude', 1.0], 'long' => ['longitude', 1.0],
        'lng' => ['longitude', 1.0], 'longitude' => ['longitude', 1.0], 'east' => ['east', 1.0], 'east_m' => ['east', 1.0],
        'north' => ['north', 1.0], 'north_m' => ['north', 1.0], 'depth' => ['depth', 1.0], 'depth_m' => ['depth', 1.0],
        'depth_ft' => ['depth', 0.3048],
    ];

    private const TELL_EVERY = 2_000;

    /**
     * @param  \Closure(float): void|null  $done  told now and then which share is read; may throw to call it off
     * @return array{Track, bool} with metres east and north in place of longitude and latitude where the table has those
     *
     * @throws InvalidInput when the table has no such columns, or too many rows
     */
    public static function read(string $text, ?\Closure $done = null): array
    {
        PlacesFile::demandSize($text);
        $text = str_replace(["\r\n", "\r"], "\n", Csv::text($text));
        Csv::demandLines($text, 2 * PlacesFile::POINTS);
        $delimiter = Csv::delimiter(strtok($text, "\n") ?: '');
        $in = new SplTempFileObject(PlacesFile::BYTES + 1);
        $in->fwrite($text);
        $in->rewind();
        $columns = self::columns($in->fgetcsv($delimiter, '"', '') ?: []);
        $metres = isset($columns['east']);
        $track = new Track('', 'soundings');
        $length = max(1, strlen($text));
        while (is_array($cells = $in->fgetcsv($delimiter, '"', ''))) {
            $read = self::row($columns, $cells, $delimiter === ',');
            if ($read !== null) {
                $track->add(...$read);
            }
            if ($track->count() > PlacesFile::POINTS) {
                throw InvalidInput::because(
                    'file', 'That table has more than {points} rows. Split it.', points: number_format(PlacesFile::POINTS),
                );
            }
            if ($done !== null && $track->count() % self::TELL_EVERY === 1) {
                $done(min(1.0, (int) $in->ftell() / $length));
            }
        }
        if ($track->count() === 0) {
            throw InvalidInput::because('file', 'There is no row with a place and a depth in that table.');
        }

        return [$track, $metres];
    }

    /**
     * @param  array<array-key, mixed>  $head
     * @return array<string, array{int, float}> by what it is: which cell, and what its figures are times
     *
     * @throws InvalidInput
     */
    private static function columns(array $head): array
    {
        $columns = [];
        foreach (array_values($head) as $i => $name) {
            $known = self::COLUMNS[is_string($name) ? mb_strtolower(trim($name)) : ''] ?? null;
            if ($known !== null) {
                $columns[$known[0]] ??= [$i, $known[1]];
            }
            if (is_string($name) && mb_strtolower(trim($name)) === 'time') {
                $columns['time'] = [$i, 1.0];
            }
        }
        $placed = isset($columns['latitude'], $columns['longitude']) || isset($columns['east'], $columns['north']);
        if (! $placed || ! isset($columns['depth'])) {
            throw InvalidInput::because(
                'file', 'The first line names the columns: lat, lon, depth_m; or east_m, north_m, depth_m.',
            );
        }

        return $columns;
    }

    /**
     * @param  array<string, array{int, float}>  $columns
     * @param  array<array-key, mixed>  $cells
     * @return array{float, float, float, float}|null as a track takes them; null where a figure is missing or cannot be
     */
    private static function row(array $columns, array $cells, bool $points): ?array
    {
        $value = static function (string $name) use ($columns, $cells, $points): ?float {
            $text = $cells[$columns[$name][0] ?? -1] ?? null;
            $text = is_string($text) ? trim($text) : '';
            $text = $points ? $text : str_replace(',', '.', $text);

            return is_numeric($text) && is_finite((float) $text) ? (float) $text * ($columns[$name][1] ?? 1.0) : null;
        };
        $metres = isset($columns['east']);
        [$up, $across, $depth] = [$value($metres ? 'north' : 'latitude'), $value($metres ? 'east' : 'longitude'), $value('depth')];
        if ($up === null || $across === null || (! $metres && (abs($up) > 90.0 || abs($across) > 180.0))) {
            return null;
        }
        $time = $cells[$columns['time'][0] ?? -1] ?? null;

        return [$up, $across, $depth ?? NAN, (float) (FileTime::seconds(is_string($time) ? $time : '') ?? NAN)];
    }
}
