<?php

declare(strict_types=1);

namespace App\Record;

/** A code by which something of one angler is found by another of this server. */
final class ShareCode
{
    /** Letters and figures that are not taken for each other, read aloud or written on a wet hand. */
    private const LETTERS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    private const LONG = 8;

    public static function new(): string
    {
        $code = '';
        for ($i = 0; $i < self::LONG; $i++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $code;
    }

    /** As it is kept: without the spaces and dashes that it is read with. */
    public static function plain(string $code): string
    {
        return mb_strtoupper((string) preg_replace('/[\s\-–]/u', '', $code));
    }
}
