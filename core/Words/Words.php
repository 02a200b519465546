<?php

declare(strict_types=1);

namespace Eskith\Core\Words;

/**
 * What is said, from a template with named values: the one place where a sentence is put together, and where another language
 * could be looked up.
 *
 * In a template "{lure}" is a value. "{bites|# bite|# bites}" chooses by a number, the first for one, "#" being the number;
 * either may be empty. A sentence begins with a capital, also where a value begins it.
 */
final class Words
{
    private const PLACE = '/\{(\w+)(?:\|([^{}|]*)\|([^{}|]*))?\}/';

    /**
     * Words without values are as they are.
     *
     * @throws \LogicException for a place without a value
     */
    public static function of(string $template, string|int|float|null ...$values): string
    {
        if ($values === []) {
            return $template;
        }
        $said = preg_replace_callback(self::PLACE, static fn (array $place): string => self::value($template, $place, $values), $template);

        return self::beginsWithValue($template) ? self::upper((string) $said) : (string) $said;
    }

    /** "Hooks" for "hooks": the first letter a capital, whatever alphabet it is of. */
    public static function upper(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** Sentences after each other, without those that say nothing. */
    public static function sentences(string ...$sentences): string
    {
        return implode(' ', array_filter($sentences, static fn (string $one): bool => $one !== ''));
    }

    /**
     * "a, b and c".
     *
     * @param  list<string>  $parts
     */
    public static function list(array $parts, string $last = 'and'): string
    {
        $end = array_pop($parts);

        return $parts === [] ? (string) $end : implode(', ', $parts)." {$last} {$end}";
    }

    /**
     * @param  array<array-key, string>  $place  as matched
     * @param  array<array-key, string|int|float|null>  $values
     */
    private static function value(string $template, array $place, array $values): string
    {
        $name = $place[1] ?? '';
        if (! array_key_exists($name, $values)) {
            throw new \LogicException("“{$template}” needs {$name}.");
        }
        $value = (string) $values[$name];
        if (! isset($place[2], $place[3])) {
            return $value;
        }

        return str_replace('#', $value, $value === '1' ? $place[2] : $place[3]);
    }

    private static function beginsWithValue(string $template): bool
    {
        return str_starts_with($template, '{') && in_array(substr($template, -1), ['.', '?', '!'], true);
    }
}
