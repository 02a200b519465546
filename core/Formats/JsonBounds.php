<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

/**
 * Whether JSON is small enough to be read into memory at all, told from its signs alone: a text of two megabytes can hold keys
 * that all fall into one place of a hash table, or lists in lists that take a hundred times their length.
 */
final class JsonBounds
{
    public const LEVELS = 16;

    /** Names in one object: more, and those that fall together take time by their square. */
    private const NAMES_EACH = 2_500;

    private const NAMES = 6_000;

    private const VALUES = 100_000;

    /** @param  int  $times  how many times as much a file may hold as a request */
    public static function hold(string $json, int $times = 1): bool
    {
        $bare = preg_replace('/"(?:[^"\\\\]++|\\\\.)*+"/s', '', $json);
        if ($bare === null || substr_count($bare, ':') > $times * self::NAMES) {
            return false;
        }
        $open = substr_count($bare, '[') + substr_count($bare, '{');

        return $open + substr_count($bare, ',') <= $times * self::VALUES && self::levelsHold($bare);
    }

    /** Whether nothing lies deeper, and no object holds more names, than anything that is kept here. */
    private static function levelsHold(string $bare): bool
    {
        $signs = (string) preg_replace('/[^\[\]{}:]++/', '', $bare);
        $names = [0];
        $deep = 0;
        for ($i = 0, $long = strlen($signs); $i < $long; $i++) {
            if ($signs[$i] === ':') {
                $names[$deep]++;
                if ($names[$deep] > self::NAMES_EACH) {
                    return false;
                }
            } elseif ($signs[$i] === '[' || $signs[$i] === '{') {
                $names[++$deep] = 0;
                if ($deep > self::LEVELS) {
                    return false;
                }
            } else {
                $deep = max(0, $deep - 1);
            }
        }

        return true;
    }
}
