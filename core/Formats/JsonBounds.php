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

    public const KEYS = 6_000;

    private const VALUES = 100_000;

    public static function hold(string $json): bool
    {
        $bare = preg_replace('/"(?:[^"\\\\]++|\\\\.)*+"/s', '', $json);
        if ($bare === null || substr_count($bare, ':') > self::KEYS) {
            return false;
        }
        $open = substr_count($bare, '[') + substr_count($bare, '{');

        return $open + substr_count($bare, ',') <= self::VALUES && self::depth($bare) <= self::LEVELS;
    }

    private static function depth(string $bare): int
    {
        $signs = (string) preg_replace('/[^\[\]{}]++/', '', $bare);
        [$deep, $deepest] = [0, 0];
        for ($i = 0, $long = strlen($signs); $i < $long; $i++) {
            $deep += $signs[$i] === '[' || $signs[$i] === '{' ? 1 : -1;
            $deepest = max($deepest, $deep);
        }

        return $deepest;
    }
}
