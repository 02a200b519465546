<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;

/** A place on the earth as people type it: "61.2345, -7.8765", "61°14.07' N 7°52.59' W", "N 61.2345 W 7.8765". */
final class TypedPlace
{
    private const ANGLE = '([NSEW]?)\s*([+\-−]?\d{1,3}(?:\.\d+)?)\s*°?\s*(?:(\d{1,2}(?:\.\d+)?)\s*[\'′]\s*)?'
        .'(?:(\d{1,2}(?:\.\d+)?)\s*["″]\s*)?([NSEW]?)';

    /**
     * @return array{float, float} latitude and longitude, degrees
     *
     * @throws InvalidInput when it is none
     */
    public static function parse(string $text, string $field): array
    {
        $found = [];
        $read = preg_match('/^\s*'.self::ANGLE.'[\s,;]+'.self::ANGLE.'\s*$/iuD', trim($text), $found) === 1;
        $latitude = $read ? self::degrees(array_slice($found, 1, 5), 'S', 'N') : null;
        $longitude = $read ? self::degrees(array_slice($found, 6, 5), 'W', 'E') : null;
        if ($latitude === null || $longitude === null || abs($latitude) > 90.0 || abs($longitude) > 180.0) {
            throw InvalidInput::because($field, 'A position is degrees north, then east, such as 61.2345, -7.8765.');
        }

        return [$latitude, $longitude];
    }

    /**
     * @param  list<string>  $parts  letter, degrees, minutes, seconds, letter
     * @return float|null null where the letters do not fit
     */
    private static function degrees(array $parts, string $minus, string $plus): ?float
    {
        [$before, $degrees, $minutes, $seconds, $after] = [...$parts, '', '', '', '', ''];
        $letter = strtoupper($before.$after);
        $typed = (float) str_replace('−', '-', $degrees);
        if ((float) $minutes >= 60.0 || (float) $seconds >= 60.0 || ! in_array($letter, ['', $minus, $plus], true)) {
            return null;
        }
        $size = abs($typed) + (float) $minutes / 60 + (float) $seconds / 3600;
        $negative = str_starts_with(str_replace('−', '-', $degrees), '-');

        return $letter === $minus || ($letter === '' && $negative) ? -$size : $size;
    }
}
