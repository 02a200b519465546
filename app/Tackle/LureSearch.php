<?php

declare(strict_types=1);

namespace App\Tackle;

use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Kept\Coerce;

/** What a lure is found by. */
final class LureSearch
{
    /** @param  array<string, mixed>  $row  columns of a lure */
    public static function text(array $row): string
    {
        $kg = Coerce::number($row['mass_kg'] ?? 0);
        $text = static fn (string $column): string => Coerce::text($row[$column] ?? '');
        $family = Family::tryFrom($text('family'));

        return mb_substr(mb_strtolower(implode(' ', [
            $text('mass_text'), Unit::Ounce->print($kg), Unit::Gram->print($kg), round($kg / Constants::OUNCE_KG, 3).' oz',
            $family?->word() ?? '', $family?->isVibeAt($kg) === true ? 'vibe' : '', Finish::word($text('finish')),
            ($row['red_near_hooks'] ?? false) ? 'red' : '', str_replace('_', ' ', implode(' ', self::listed($row['accents'] ?? null))),
            implode(' ', self::listed($row['build'] ?? null)), $text('notes'), ($row['buy_again'] ?? false) ? 'buy again' : '',
        ])), 0, 300);
    }

    /** @return list<string> the texts in a column of structured text, as kept or as set */
    private static function listed(mixed $column): array
    {
        $list = is_string($column) ? json_decode($column, true) : $column;

        return is_array($list) ? array_values(array_filter($list, is_string(...))) : [];
    }
}
