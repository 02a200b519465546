<?php

declare(strict_types=1);

namespace App\Tackle;

use Eskith\Core\Units\InvalidInput;

/** What a lure is made of, and the hooks on it: two groups of fields, each kept by its parts. */
final class LureParts
{
    /**
     * What a lure's finish and body are made of beside its rule-book finish, and whether it is but a usual one: field =>
     * longest text, or 'flag'.
     */
    public const BUILD = [
        'base' => 30, 'paint' => 30, 'pattern' => 30, 'tape' => 30, 'scent' => 30, 'tail' => 30, 'bent' => 'flag',
        'drilled' => 'flag', 'stinger' => 'flag', 'assist' => 'flag', 'weedless' => 'flag', 'usual' => 'flag',
    ];

    public const HOOKS = [
        'front' => 20, 'rear' => 20, 'style' => 30, 'attach' => ['', 'ring', 'loop'], 'ring_mm' => 'mm', 'changed' => 'date',
        'sharpened' => 'date',
    ];

    /**
     * @param  array<string, mixed>  $kept  as it was: only the parts given are changed
     * @return array<string, mixed> without what is empty
     *
     * @throws InvalidInput naming the part
     */
    public static function build(mixed $given, array $kept): array
    {
        return self::group($given, self::BUILD, 'build', $kept);
    }

    /**
     * @param  array<string, mixed>  $kept  as it was: only the parts given are changed
     * @return array<string, mixed> without what is empty
     *
     * @throws InvalidInput naming the part
     */
    public static function hooks(mixed $given, array $kept): array
    {
        return self::group($given, self::HOOKS, 'hooks', $kept);
    }

    /**
     * @param  array<string, int|string|list<string>>  $kinds  by field: longest text, "flag", "mm", "date", or its values
     * @param  array<string, mixed>  $kept  the group as it was: only the parts given are changed
     * @return array<string, mixed> without what is empty
     */
    private static function group(mixed $given, array $kinds, string $name, array $kept): array
    {
        if (! is_array($given)) {
            throw InvalidInput::because($name, '"{name}" is a group of fields.', name: $name);
        }
        foreach ($given as $field => $value) {
            $kind = $kinds[$field] ?? throw InvalidInput::because(
                "{$name}.{$field}", 'A lure has nothing called "{what}".', what: mb_substr((string) $field, 0, 30),
            );
            $read = match (true) {
                $kind === 'flag' => Typed::flag($value, "{$name}.{$field}") ?: null,
                $kind === 'mm' => $value === null || $value === '' ? null : Typed::number($value, "{$name}.{$field}"),
                $kind === 'date' => $value === null || $value === '' ? null : Typed::date($value, "{$name}.{$field}"),
                is_array($kind) => in_array($value ?? '', $kind, true)
                    ? $value
                    : throw InvalidInput::because("{$name}.{$field}", 'It is one of {kind}.', kind: implode(', ', array_filter($kind))),
                default => Typed::text($value, "{$name}.{$field}", (int) $kind),
            };
            $kept[(string) $field] = $read;
        }
        $kept = array_filter($kept, static fn (mixed $value): bool => $value !== null && $value !== '');
        ksort($kept);

        return $kept;
    }
}
