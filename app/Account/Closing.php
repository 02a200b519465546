<?php

declare(strict_types=1);

namespace App\Account;

use App\Database\Pieces;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** An account taken away with everything in it, in pieces: others go on logging meanwhile. Broken off, it is ended once more. */
final class Closing
{
    public static function of(User $user): void
    {
        $user->update(['pinned_lure_id' => null]);
        $tables = [...Tables::LEFT_OUT, ...array_reverse(array_map(static fn (Table $table): string => $table->name, Tables::all()))];
        foreach ($tables as $table) {
            Pieces::delete($table, $user->id);
        }
        DB::transaction(static function () use ($user): void {
            DB::table('password_reset_tokens')->where('email', $user->email)->delete();
            $user->delete();
        });
    }
}
