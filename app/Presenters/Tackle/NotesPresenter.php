<?php

declare(strict_types=1);

namespace App\Presenters\Tackle;

use App\Data\Tackle\CardRuleData;
use App\Data\Tackle\NotesData;
use App\Models\CardRule;
use App\Models\User;
use App\Models\Water;
use App\Rows\CardReader;
use Eskith\Telling\Kept\Coerce;

/** What the angler noted of the rules of a water, and the card of its fish. */
final class NotesPresenter
{
    public static function of(User $user, Water $water): NotesData
    {
        $unit = $user->settings()->units->fishLength;
        $rules = $water->cardRules->sortBy('species')->map(static fn (CardRule $rule): CardRuleData => new CardRuleData(
            $rule->id, $rule->species, CardReader::limits($rule)?->words($unit) ?? "can't be read",
            array_map(static fn (mixed $value): string => Coerce::text($value), [
                'species' => $rule->species, 'shortest' => $rule->shortest_text, 'longest' => $rule->longest_text,
                'slot_from' => $rule->slot_from_text, 'slot_to' => $rule->slot_to_text, 'bag' => $rule->bag,
                'closed_from' => $rule->closed_from, 'closed_to' => $rule->closed_to,
            ]),
        ));

        return new NotesData($water->id, $water->name, $water->local_rules, $water->protected_fish, array_values($rules->all()));
    }
}
