<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** Text that can be shown: UTF-8 without control characters but line ends and tabs, and without what Unicode calls no character. */
final class PlainText
{
    public static function isReadable(string $text): bool
    {
        return preg_match('/^(?:[^\p{Cc}\x{FFFE}\x{FFFF}]|[\t\r\n])*+$/uD', $text) === 1;
    }
}
