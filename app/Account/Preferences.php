<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;

/** What an angler has set, changed: the row is read anew first, so that two tabs do not undo each other. */
final class Preferences
{
    /** @param  Closure(array<array-key, mixed>): array<array-key, mixed>  $change  all settings in, all settings out */
    public static function change(User $user, Closure $change): void
    {
        DB::transaction(static fn () => $user->update(['settings' => $change($user->refresh()->settings ?? [])]));
    }
}
