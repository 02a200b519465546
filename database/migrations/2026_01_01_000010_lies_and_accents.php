<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How the boat lies is read by itself; still water and tide are told apart; what was added to a finish is kept. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lures', fn (Blueprint $table) => $table->json('accents')->nullable());
        // Until now water that is no river had no current unless one was read: that is still water.
        DB::table('readings')->where('name', 'flow')->where('text', 'uniform')->update(['text' => 'still']);
        // Until now a drift that was not read followed from the wind: that is a boat left drifting.
        $driftRead = DB::table('readings')->where('name', 'drift')->pluck('user_id')->all();
        foreach (DB::table('readings')->where('name', 'wind')->whereNotIn('user_id', $driftRead)->get(['user_id', 'read_at']) as $wind) {
            DB::table('readings')->insertOrIgnore(
                [
                    'user_id' => $wind->user_id, 'name' => 'lies', 'text' => 'drifting', 'si' => null, 'source' => 'measured',
                    'pinned' => false, 'read_at' => $wind->read_at,
                ],
            );
        }
    }

    public function down(): void
    {
        DB::table('readings')->where('name', 'lies')->delete();
        DB::table('readings')->where('name', 'flow')->whereIn('text', ['still', 'tide'])->update(['text' => 'uniform']);
        Schema::table('lures', fn (Blueprint $table) => $table->dropColumn('accents'));
    }
};
