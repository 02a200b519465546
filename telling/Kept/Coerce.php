<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A value as a database or a file gave it, of which nobody knows what it is: read as what it should be, or as nothing. */
final class Coerce
{
    public static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    public static function number(mixed $value): float
    {
        return is_numeric($value) ? (float) $value : 0.0;
    }

    public static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /** s since the epoch of a moment as databases write it. */
    public static function seconds(mixed $moment): float
    {
        $text = self::text($moment);

        return (float) strtotime(substr($text, 0, 19).' UTC') + (float) ('0'.substr($text, 19));
    }
}
