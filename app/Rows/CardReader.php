<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\CardRule;
use Eskith\Core\Care\OwnLimits;
use Eskith\Core\Units\InvalidInput;

/** Reads a row of the angler's own card. */
final class CardReader
{
    /** Null for one that cannot be. */
    public static function limits(CardRule $rule): ?OwnLimits
    {
        try {
            return OwnLimits::of(
                shortestM: $rule->shortest_m, longestM: $rule->longest_m, slotFromM: $rule->slot_from_m, slotToM: $rule->slot_to_m,
                bag: $rule->bag, closedFrom: $rule->closed_from, closedTo: $rule->closed_to,
            );
        } catch (InvalidInput) {
            return null;
        }
    }
}
