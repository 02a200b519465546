<?php

declare(strict_types=1);

namespace App\Tackle;

use App\Models\Lure;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\Proportions;
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
            ...self::geometry($set),
            ...(array_key_exists('build', $set) ? ['build' => self::group($set['build'], self::BUILD, 'build', $row->build ?? [])] : []),
            ...(array_key_exists('hooks', $set) ? ['hooks' => self::group($set['hooks'], self::HOOKS, 'hooks', $row->hooks ?? [])] : []),
            ...(array_key_exists('notes', $set) ? ['notes' => Typed::text($set['notes'], 'notes', 500)] : []),
        ];
        if ($row === null) {
            $columns = self::completed($columns);
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
        $columns = self::completed(
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

    /**
     * @param  array<array-key, mixed>  $set
     * @return array<string, mixed>
     */
    private static function geometry(array $set): array
    {
        $columns = [];
        foreach (['length' => 'length_mm', 'height' => 'height_mm'] as $field => $column) {
            if (array_key_exists($field, $set)) {
                $millimetres = Typed::number($set[$field], $field);
                $columns[$column] = $millimetres >= Proportions::RANGE_MM[0] && $millimetres <= Proportions::RANGE_MM[1]
                    ? $millimetres
                    : throw InvalidInput::because($field, '{what} is between 3 and 300 mm.', what: ucfirst($field));
            }
        }
        if (array_key_exists('holes', $set)) {
            $columns['holes'] = HoleFields::read($set['holes']);
        }
        if (array_key_exists('balance', $set)) {
            $balance = is_string($set['balance'])
                ? (preg_split('/\s+/', trim($set['balance']), -1, PREG_SPLIT_NO_EMPTY) ?: null)
                : $set['balance'];
            if ($balance !== null && (! is_array($balance) || count($balance) !== 2)) {
                throw InvalidInput::because('balance', 'The balance point is two figures in mm, from the nose and up, or nothing.');
            }
            $at = $balance === null ? null : Point::of(
                Typed::number(array_values($balance)[0], 'balance'), Typed::number(array_values($balance)[1], 'balance'),
                'balance',
            );
            $columns += ['balance_x' => $at?->x, 'balance_y' => $at?->y];
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

    /**
     * @param  array<string, mixed>  $columns
     * @return array<string, mixed> with usual proportions for what was not given
     */
    private static function completed(array $columns): array
    {
        foreach ([
            'family' => 'which family it is, such as blade', 'mass_kg' => 'how heavy it is, such as 1/2 oz',
            'finish' => 'which finish it has, such as silver',
        ] as $column => $words) {
            if (! isset($columns[$column])) {
                throw InvalidInput::because($column === 'mass_kg' ? 'weight' : $column, 'Say {words}.', words: $words);
            }
        }
        $family = Family::from(Coerce::text($columns['family']));
        $size = Proportions::size($family, Coerce::number($columns['mass_kg']));
        $columns += ['length_mm' => $size->x, 'height_mm' => $size->y];
        $sized = Point::of(Coerce::number($columns['length_mm']), Coerce::number($columns['height_mm']));
        $columns += ['holes' => HoleFields::usual($sized, $family->definition()->holes)];

        return $columns;
    }
}
