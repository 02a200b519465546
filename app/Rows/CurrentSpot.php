<?php

declare(strict_types=1);

namespace App\Rows;

use App\Models\User;

/** Where the angler is: the spot by name, and what was noted of its water. */
final readonly class CurrentSpot
{
    private function __construct(public string $place, public string $water, public string $protected, public string $localRules)
    {
    }

    /** Null when they are at no spot of their own. */
    public static function of(User $user, ?int $spotId): ?self
    {
        // Read without models, and in one: every answer asks for it.
        $row = $spotId === null ? null : $user->spots()->toBase()
            ->join('waters', 'waters.id', '=', 'spots.water_id')->where('spots.id', $spotId)
            ->first(['spots.name as spot', 'waters.name as water', 'waters.protected_fish', 'waters.local_rules']);

        return $row === null ? null : new self(
            Coerce::text($row->spot).' · '.Coerce::text($row->water), Coerce::text($row->water), Coerce::text($row->protected_fish),
            Coerce::text($row->local_rules),
        );
    }
}
