<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Lure;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/**
 * The fields of a lure as they are typed, imported or dragged, and the columns they become. One place for every way in.
 */
final class LureForm
{
    public const FIELDS = [
        'family', 'weight', 'finish', 'red', 'accents', 'quantity', 'lost', 'buy_again', 'retired', 'length', 'height', 'holes',
        'balance', 'build', 'hooks', 'notes',
    ];

    /**
     * @param  array<array-key, mixed>  $set  field => value as typed
     * @param  Lure|null  $row  the lure that is changed; null for a new one
     * @return array<string, mixed> columns
     *
     * @throws InvalidInput naming the field
     */
    public static function columns(array $set, Unit $weightUnit, ?Lure $row = null): array
    {
        foreach (array_keys($set) as $field) {
            if (! in_array($field, self::FIELDS, true)) {
                throw InvalidInput::because(
                    (string) $field, 'A lure has nothing called "{what}".', what: mb_substr((string) $field, 0, 30),
                );
            }
        }
        $columns = [
            ...self::what($set, $weightUnit, $row),
            ...self::counts($set),
            ...LureGeometry::columns($set),
            ...(array_key_exists('build', $set) ? ['build' => LureParts::build($set['build'], $row->build ?? [])] : []),
            ...(array_key_exists('hooks', $set) ? ['hooks' => LureParts::hooks($set['hooks'], $row->hooks ?? [])] : []),
            ...(array_key_exists('notes', $set) ? ['notes' => Typed::text($set['notes'], 'notes', 500)] : []),
        ];
        if ($row === null) {
            $columns = LureGeometry::completed($columns);
        }

        return [...$columns, 'search' => LureSearch::text([...$row?->getAttributes() ?? [], ...$columns])];
    }

    /**
     * The fields of a lure as they would be typed again: what undo and export use.
     *
     * @return array<string, mixed>
     */
    public static function fields(Lure $row): array
    {
        return [
            'family' => $row->family?->value, 'weight' => $row->mass_text, 'finish' => $row->finish,
            'red' => $row->red_near_hooks, 'accents' => $row->accents ?? [],
            'quantity' => $row->quantity, 'lost' => $row->lost, 'buy_again' => $row->buy_again, 'retired' => $row->retired_at !== null,
            'length' => $row->length_mm, 'height' => $row->height_mm, 'holes' => $row->holes,
            'balance' => $row->balance_x === null || $row->balance_y === null ? null : [$row->balance_x, $row->balance_y],
            'build' => $row->build ?? [], 'hooks' => $row->hooks ?? [], 'notes' => $row->notes,
        ];
    }

    /**
     * Columns that make a lure of a row that cannot be read: what can be is kept, the rest is usual.
     *
     * @return array<string, mixed>
     */
    public static function mended(Lure $row): array
    {
        $columns = [];
        $raw = $row->getAttributes();
        $kept = [
            'family' => $raw['family'] ?? '', 'weight' => $raw['mass_text'] ?? '', 'finish' => $raw['finish'] ?? '',
            'length' => $raw['length_mm'] ?? '', 'height' => $raw['height_mm'] ?? '',
            'holes' => json_decode(Coerce::text($raw['holes'] ?? ''), true),
        ];
        foreach ($kept as $field => $value) {
            try {
                $columns += self::columns([$field => $value], Unit::Ounce, new Lure(['family' => $columns['family'] ?? 'blade']));
            } catch (InvalidInput) {
                continue;
            }
        }
        $columns = LureGeometry::completed(
            [...['family' => 'blade', 'mass_kg' => Constants::OUNCE_KG / 2, 'mass_text' => '1/2 oz', 'finish' => 'silver'], ...$columns],
        );
        $columns = [...$columns, 'balance_x' => null, 'balance_y' => null];
        foreach (['build', 'hooks'] as $group) {
            $columns += is_array($row->getAttribute($group)) ? [] : [$group => null];
        }

        return [...$columns, 'search' => LureSearch::text([...$raw, ...$columns])];
    }

    /**
     * @param  array<array-key, mixed>  $set
     * @return array<string, mixed>
     */
    private static function what(array $set, Unit $weightUnit, ?Lure $row): array
    {
        $columns = [];
        if (array_key_exists('family', $set)) {
            $columns['family'] = (is_string($set['family']) ? Family::tryFrom($set['family']) : null)->value
                ?? throw InvalidInput::because('family', 'The family is one of blade, spoon, bladed_spoon, tail_spinner.');
        }
        if (array_key_exists('weight', $set)) {
            $mass = Measure::parse(Typed::text($set['weight'], 'weight', 40), $weightUnit, 'weight');
            try {
                Body::of(Family::tryFrom($columns['family'] ?? '') ?? $row->family ?? Family::Blade, $mass->si);
            } catch (InvalidInput $bad) {
                throw InvalidInput::because('weight', $bad->getMessage());
            }
            $columns += ['mass_kg' => $mass->si, 'mass_text' => $mass->text];
        }
        if (array_key_exists('finish', $set)) {
            $finish = mb_strtolower(Typed::text($set['finish'], 'finish', 40));
            $columns['finish'] = $finish !== ''
                ? $finish
                : throw InvalidInput::because('finish', 'Say which finish the lure has, such as silver.');
        }
        if (array_key_exists('red', $set)) {
            $columns['red_near_hooks'] = Typed::flag($set['red'], 'red');
        }
        if (array_key_exists('accents', $set)) {
            $columns['accents'] = self::accents($set['accents']);
        }

        return $columns;
    }

    /**
     * @param  array<array-key, mixed>  $set
     * @return array<string, mixed>
     */
    private static function counts(array $set): array
    {
        $columns = [];
        foreach (['quantity' => [1, 999], 'lost' => [0, 999]] as $field => [$low, $high]) {
            if (array_key_exists($field, $set)) {
                $count = filter_var($set[$field], FILTER_VALIDATE_INT, ['options' => ['min_range' => $low, 'max_range' => $high]]);
                $columns[$field] = $count !== false
                    ? $count
                    : throw InvalidInput::because(
                        $field, '{what} is a whole number from {low} to {high}.', what: ucfirst($field), low: $low, high: $high,
                    );
            }
        }
        if (array_key_exists('buy_again', $set)) {
            $columns['buy_again'] = Typed::flag($set['buy_again'], 'buy_again');
        }
        if (array_key_exists('retired', $set)) {
            $columns['retired_at'] = Typed::flag($set['retired'], 'retired') ? Carbon::now() : null;
        }

        return $columns;
    }

    /** @return list<string> each once, in the order of the enum; from a list, or from a text as in a CSV */
    private static function accents(mixed $given): array
    {
        $given = is_string($given)
            ? (preg_split('/\s*[;,]\s*/', mb_strtolower(trim($given)), -1, PREG_SPLIT_NO_EMPTY) ?: [])
            : ($given ?? []);
        $named = is_array($given) ? array_map(static fn (mixed $one): string => str_replace(' ', '_', Coerce::text($one)), $given) : [''];
        if (array_diff($named, Accent::ticked()) !== []) {
            throw InvalidInput::because(
                'accents', 'What was added is any of {it}.', it: str_replace('_', ' ', implode(', ', Accent::ticked())),
            );
        }

        return array_values(array_intersect(Accent::ticked(), $named));
    }
}
