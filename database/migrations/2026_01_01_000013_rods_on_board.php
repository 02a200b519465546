<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Several rods on board, each with its line and with what is tied on; one of them is in hand. A still rod has other bait. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('rods', static function (Blueprint $table): void {
            // Rods and lines are never deleted by themselves, so that these columns need no constraint.
            $table->unsignedBigInteger('line_id')->nullable();
            $table->string('owner', 40)->nullable();
            $table->boolean('still')->default(false);
            $table->timestamp('ashore_at')->nullable();
        });
        Schema::table('users', static fn (Blueprint $table) => $table->unsignedBigInteger('rod_id')->nullable());
        Schema::table('history', static fn (Blueprint $table) => $table->unsignedBigInteger('rod_id')->nullable());
        Schema::table('setups', static function (Blueprint $table): void {
            $table->unsignedBigInteger('rod_id')->nullable();
            $table->timestamp('until_at', 3)->nullable();
        });
        // SQLite lays the table anew for this: nothing may hang on it meanwhile.
        Schema::withoutForeignKeyConstraints(static fn () => Schema::table('setups', static function (Blueprint $table): void {
            $table->unsignedBigInteger('lure_id')->nullable()->change();
            $table->string('cadence', 20)->nullable()->change();
        }));
        foreach (DB::table('rods')->orderByDesc('id')->get(['id', 'user_id']) as $rod) {
            DB::table('users')->where('id', $rod->user_id)->update(['rod_id' => $rod->id]);
            $line = DB::table('lines')->where('user_id', $rod->user_id)->where('in_use', true)->value('id');
            DB::table('rods')->where('id', $rod->id)->update(['line_id' => $line]);
        }
        foreach (DB::table('users')->whereNotNull('rod_id')->pluck('rod_id', 'id') as $user => $rod) {
            DB::table('setups')->where('user_id', $user)->update(['rod_id' => $rod]);
        }
    }

    public function down(): void
    {
        DB::table('setups')->whereNull('lure_id')->delete();
        Schema::withoutForeignKeyConstraints(static fn () => Schema::table('setups', static function (Blueprint $table): void {
            $table->unsignedBigInteger('lure_id')->nullable(false)->change();
            $table->string('cadence', 20)->nullable(false)->change();
        }));
        Schema::table('setups', static fn (Blueprint $table) => $table->dropColumn(['rod_id', 'until_at']));
        Schema::table('history', static fn (Blueprint $table) => $table->dropColumn('rod_id'));
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn('rod_id'));
        Schema::table('rods', static fn (Blueprint $table) => $table->dropColumn(['line_id', 'owner', 'still', 'ashore_at']));
    }
};
