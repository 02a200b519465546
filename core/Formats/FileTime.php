<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

/** Times as they stand in files of others, in seconds since 1970: only of years that anybody fished in. */
final class FileTime
{
    /** 1900 and 2100. */
    private const FROM = -2_208_988_800;

    private const UNTIL = 4_102_444_800;

    /** Null for what is no time, or of another year. */
    public static function seconds(string $text): ?int
    {
        $seconds = $text === '' ? false : strtotime($text);

        return $seconds !== false && self::can($seconds) ? $seconds : null;
    }

    public static function can(float $seconds): bool
    {
        return $seconds >= self::FROM && $seconds < self::UNTIL;
    }
}
