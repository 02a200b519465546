<?php

declare(strict_types=1);

namespace App\Answers;

use App\Models\User;

/** The main line on the reel. */
final class LineInUse
{
    /** m: taken while the angler has entered none. */
    private const USUAL_M = 0.00022;

    public static function diameterM(User $user): float
    {
        return $user->lines()->where('in_use', true)->value('diameter_m') ?? self::USUAL_M;
    }
}
