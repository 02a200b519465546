<?php

declare(strict_types=1);

namespace App\Account;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** An account taken away with everything in it. */
final class Closing
{
    public static function of(User $user): void
    {
        DB::transaction(static function () use ($user): void {
            $user->update(['pinned_lure_id' => null]);
            $tables = [...Tables::LEFT_OUT, ...array_reverse(array_map(static fn (Table $table): string => $table->name, Tables::all()))];
            foreach ($tables as $table) {
                DB::table($table)->where('user_id', $user->id)->delete();
            }
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            $user->delete();
        });
    }
}
