<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;

/**
 * Where a phone was, as text: whole seconds since its beginning, then millionths of a degree north and east, three numbers for
 * each fix, all but the first told as what they differ by from the one before. "0,54120000,13100000,1,3,-2".
 */
final class FixText
{
    /** Letters and s of a text at the most. */
    public const LETTERS = 24_000;

    public const LONGEST_S = 1_800;

    private const PARTS = 1e6;

    /**
     * @param  list<array{float, float, float}>  $fixes  s, latitude and longitude
     */
    public static function write(array $fixes): string
    {
        $numbers = [];
        $before = [0, 0, 0];
        foreach ($fixes as [$second, $latitude, $longitude]) {
            $now = [(int) round($second), (int) round(self::PARTS * $latitude), (int) round(self::PARTS * $longitude)];
            array_push($numbers, $now[0] - $before[0], $now[1] - $before[1], $now[2] - $before[2]);
            $before = $now;
        }

        return implode(',', $numbers);
    }

    /**
     * @return list<array{float, float, float}> s, latitude and longitude, in order of time
     *
     * @throws InvalidInput when it is none, or lies nowhere
     */
    public static function read(string $text): array
    {
        if (strlen($text) > self::LETTERS || preg_match('/^-?\d{1,9}(,-?\d{1,9})*$/D', $text) !== 1) {
            throw self::refused();
        }
        $numbers = array_map(intval(...), explode(',', $text));
        $fixes = [];
        [$second, $north, $east] = [0, 0, 0];
        foreach (array_chunk($numbers, 3) as $three) {
            [$second, $north, $east] = [$second + $three[0], $north + ($three[1] ?? 0), $east + ($three[2] ?? 0)];
            [$latitude, $longitude] = [$north / self::PARTS, $east / self::PARTS];
            $isLater = $fixes === [] ? $second >= 0 : $three[0] > 0;
            if (count($three) < 3 || ! $isLater || $second > self::LONGEST_S || abs($latitude) > 89.0 || abs($longitude) > 180.0) {
                throw self::refused();
            }
            $fixes[] = [(float) $second, $latitude, $longitude];
        }

        return $fixes;
    }

    /** Whether it can be read. */
    public static function is(string $text): bool
    {
        try {
            return self::read($text) !== [];
        } catch (InvalidInput) {
            return false;
        }
    }

    private static function refused(): InvalidInput
    {
        return InvalidInput::because('fixes', "This phone sent a track that can't be read. It is left out.");
    }
}
