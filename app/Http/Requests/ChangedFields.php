<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Eskith\Core\Units\InvalidInput;

/**
 * A form that says which of its fields were `changed` in it, and what it `saw` in them before. What two tabs change in
 * different fields both stands; in the same field the second is told both values before it writes over the first.
 */
trait ChangedFields
{
    /** @return array<string, list<string>> */
    private static function changedRules(): array
    {
        return ['changed' => ['array', 'max:20'], 'changed.*' => ['string', 'max:20'], 'saw' => ['array', 'max:20']];
    }

    /**
     * Of the columns of a form those whose fields were changed in it; all of them where it does not say.
     *
     * @param  array<string, mixed>  $columns
     * @param  array<string, list<string>>  $fields  the columns of each field
     * @param  object  $now  what is kept, with a property for each field as it is shown
     * @return array<string, mixed>
     *
     * @throws InvalidInput when one of them was changed elsewhere meanwhile
     */
    private function changedOf(array $columns, array $fields, object $now): array
    {
        if (! $this->has('changed')) {
            return $columns;
        }
        $changed = $this->array('changed');
        $kept = [];
        foreach ($fields as $field => $itsColumns) {
            if (in_array($field, $changed, true)) {
                $this->demandUnchanged($field, $now);
                $kept = [...$kept, ...$itsColumns];
            }
        }

        return array_intersect_key($columns, array_flip($kept));
    }

    /** @throws InvalidInput */
    private function demandUnchanged(string $field, object $now): void
    {
        $there = get_object_vars($now)[$field] ?? null;
        $here = $this->input($field);
        if (self::same($there, $this->input("saw.{$field}")) || self::same($there, $here)) {
            return;
        }
        throw $field === 'x' || $field === 'y'
            ? InvalidInput::because('meanwhile', 'Somebody moved this meanwhile. Keep it again to put yours in its place.')
            : InvalidInput::because(
                'meanwhile',
                'This was changed elsewhere: {what} is “{there}” there, “{here}” here. Keep it again to put yours in its place.',
                what: $field, there: self::shown($there), here: self::shown($here),
            );
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return is_numeric($one) && is_numeric($other)
            ? abs((float) $one - (float) $other) < 1e-6
            : self::shown($one) === self::shown($other);
    }

    private static function shown(mixed $value): string
    {
        return match (true) {
            $value instanceof \BackedEnum => self::shown($value->value),
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => str_replace(['_', "\u{00A0}"], ' ', trim((string) $value)),
            default => '',
        };
    }
}
