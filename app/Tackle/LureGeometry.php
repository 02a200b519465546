<?php

declare(strict_types=1);

namespace App\Tackle;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;
use Eskith\Telling\Kept\Coerce;

/** How large a lure is, where its holes are and where it balances, as typed and as is usual. */
final class LureGeometry
{
    /**
     * @param  array<array-key, mixed>  $set  field => value as typed
     * @return array<string, mixed> columns of those that were given
     *
     * @throws InvalidInput naming the field
     */
    public static function columns(array $set): array
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

    /**
     * @param  array<string, mixed>  $columns
     * @return array<string, mixed> with usual proportions for what was not given
     *
     * @throws InvalidInput naming what a lure cannot do without
     */
    public static function completed(array $columns): array
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
