<?php

declare(strict_types=1);

namespace App\Tackle;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\PlainText;

/** One field of a lure as it was typed or imported, read as what it should be; each throws InvalidInput naming the field. */
final class Typed
{
    public static function text(mixed $value, string $field, int $longest): string
    {
        $text = is_scalar($value) || $value === null
            ? trim((string) $value)
            : throw InvalidInput::because($field, 'A short text is needed here.');
        if (! PlainText::isReadable((string) (is_scalar($value) ? $value : ''))) {
            throw InvalidInput::because($field, "There are characters in this that can't be read. Type it again.");
        }

        return mb_strlen($text) <= $longest ? $text : throw InvalidInput::because(
            $field, 'At most {longest} characters fit here.', longest: $longest,
        );
    }

    public static function number(mixed $value, string $field): float
    {
        $text = str_replace(',', '.', is_scalar($value) ? trim((string) $value) : '');

        return is_numeric($text) && is_finite((float) $text)
            ? round((float) $text, 4)
            : throw InvalidInput::because($field, 'A number of millimetres is needed here, such as 25 or 10.5.');
    }

    public static function flag(mixed $value, string $field): bool
    {
        return match (is_string($value) ? mb_strtolower(trim($value)) : $value) {
            true, 1, '1', 'yes', 'true', 'y', 'x' => true,
            false, 0, '0', 'no', 'false', 'n', '', null => false,
            default => throw InvalidInput::because($field, 'Say yes or no here.'),
        };
    }

    public static function date(mixed $value, string $field): string
    {
        $date = is_string($value) ? \DateTimeImmutable::createFromFormat('!Y-m-d', $value) : false;

        return $date !== false && $date->format('Y-m-d') === $value
            ? $value
            : throw InvalidInput::because($field, 'A date is written like 2026-11-25.');
    }
}
