<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * An outing goes on over several spots: each setup is of one, moves say when, and what was read elsewhere is set aside. What was
 * fished before was fished where its outing was.
 */
return new class extends Migration
{
    /** A table is changed by being made anew: within a transaction what leads to it would be taken for lost. */
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::table('spots', static function (Blueprint $table): void {
            // A spot that one has just come to is not known yet.
            $table->double('depth_m')->nullable()->change();
            $table->string('bottom', 20)->nullable()->change();
        });
        Schema::table('setups', static function (Blueprint $table): void {
            $table->foreignId('spot_id')->nullable()->constrained()->nullOnDelete();
            $table->index(['user_id', 'spot_id']);
        });
        DB::update('UPDATE setups SET spot_id = (SELECT spot_id FROM outings WHERE outings.id = setups.outing_id)');
        Schema::create('moves', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('spot_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('uuid');
            $table->string('place', 520);
            $table->json('readings')->nullable();
            $table->dateTime('at', 3);
            $table->dateTime('undone_at', 3)->nullable();
            $table->unique(['user_id', 'uuid']);
            $table->index(['outing_id', 'at']);
        });
        Schema::create('readings_elsewhere', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('spot_id')->constrained()->cascadeOnDelete();
            $table->string('name', 30);
            $table->string('text', 200);
            $table->dateTime('read_at');
            $table->unique(['user_id', 'name']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('readings_elsewhere');
        Schema::dropIfExists('moves');
        Schema::table('setups', static function (Blueprint $table): void {
            $table->dropIndex(['user_id', 'spot_id']);
            $table->dropConstrainedForeignId('spot_id');
        });
    }
};
