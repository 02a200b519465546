<?php

declare(strict_types=1);

namespace App\Instruments;

use Eskith\Core\Formats\GpxReader;
use Eskith\Core\Formats\Nmea\Reader;
use Eskith\Core\Formats\Nmea\Sentence;
use Eskith\Core\Units\InvalidInput;

/** Where a phone was, from a file of fixes: a track in GPX, or what a receiver said in NMEA 0183. */
final class FixesFile
{
    /** m within which such a fix is taken to lie. */
    public const ACCURACY_M = 6.0;

    /** s from one place to the next where the file does not say. */
    private const APART_S = 1.0;

    /**
     * @return list<array{float, float, float}> s since the first, latitude and longitude, in order of time
     *
     * @throws InvalidInput when there are none in it
     */
    public static function read(string $text): array
    {
        $fixes = str_starts_with(ltrim($text, "\u{FEFF} \t\r\n"), '<') ? self::gpx($text) : self::nmea($text);
        if ($fixes === []) {
            throw InvalidInput::because('file', 'That file has no fixes. Choose a GPX track, or NMEA with GGA or RMC.');
        }
        $from = $fixes[0][0];

        return array_map(static fn (array $fix): array => [$fix[0] - $from, $fix[1], $fix[2]], $fixes);
    }

    /** @return list<array{float, float, float}> */
    private static function gpx(string $text): array
    {
        $fixes = [];
        foreach ((new GpxReader($text))->read()->tracks as $track) {
            foreach ($track->latitudes as $i => $latitude) {
                $time = is_nan($track->times[$i]) ? ($fixes === [] ? 0.0 : end($fixes)[0] + self::APART_S) : $track->times[$i];
                $fixes[] = [$time, $latitude, $track->longitudes[$i]];
            }
        }
        usort($fixes, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return $fixes;
    }

    /** @return list<array{float, float, float}> */
    private static function nmea(string $text): array
    {
        $fixes = [];
        $days = 0;
        foreach (preg_split('/\R/', $text) ?: [] as $line) {
            $time = Sentence::parse(trim($line))?->fields[0] ?? '';
            [$told] = [...(new Reader)->push(trim($line)."\r\n"), null];
            $isTimed = preg_match('/^(\d\d)(\d\d)(\d\d(?:\.\d+)?)$/', $time, $at) === 1;
            if ($told?->latitude === null || $told->longitude === null || ! $isTimed) {
                continue;
            }
            $second = 86_400 * $days + 3600 * (int) $at[1] + 60 * (int) $at[2] + (float) $at[3];
            $last = $fixes === [] ? $second : end($fixes)[0];
            if ($last - $second > 43_200) {
                // Midnight passed.
                $days++;
                $second += 86_400;
            }
            if ($fixes === [] || $second > $last) {
                $fixes[] = [$second, $told->latitude, $told->longitude];
            }
        }

        return $fixes;
    }
}
