<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lures have a version; passwords can be set anew; e-mail addresses are told apart without their case. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lures', fn (Blueprint $table) => $table->unsignedBigInteger('version')->default(1));
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        foreach (DB::table('users')->orderBy('id')->get(['id', 'email']) as $user) {
            /** @var object{id: int, email: string} $user */
            $plain = mb_strtolower(trim($user->email));
            // Where two differ only in case, the older one has the plain spelling and the other keeps its own.
            if ($plain !== $user->email && DB::table('users')->where('email', $plain)->doesntExist()) {
                DB::table('users')->where('id', $user->id)->update(['email' => $plain]);
            }
        }
        // Visits and the cache have files of their own now; what lay here is of no use.
        foreach (['sessions', 'cache', 'cache_locks'] as $table) {
            DB::table($table)->delete();
        }
    }

    public function down(): void
    {
        Schema::dropIfExists('password_reset_tokens');
        Schema::table('lures', fn (Blueprint $table) => $table->dropColumn('version'));
    }
};
