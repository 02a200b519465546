<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pauses, crews, notes, tags, the angler's own card of sizes and bags; outings taken away; when each thing was told last. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('crews', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('code', 12)->unique();
            $table->dateTime('closed_at')->nullable();
            $table->timestamps();
        });
        Schema::table('outings', static function (Blueprint $table): void {
            $table->string('note', 1000)->default('');
            $table->dateTime('deleted_at')->nullable();
            $table->foreignId('crew_id')->nullable()->constrained()->nullOnDelete();
        });
        Schema::table('events', static function (Blueprint $table): void {
            $table->json('told')->nullable();
            $table->double('girth_m')->nullable();
            $table->string('girth_text', 40)->nullable();
            $table->string('tag', 40)->nullable();
            $table->string('tag_contact', 120)->nullable();
            $table->string('note', 500)->default('');
        });
        Schema::table('waters', static fn (Blueprint $table) => $table->json('tide')->nullable());
        Schema::table('users', static fn (Blueprint $table) => $table->dateTime('rod_told_at', 3)->nullable());
        Schema::create('pauses', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('rod_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('uuid');
            $table->string('why', 12);
            $table->dateTime('from_at', 3);
            $table->dateTime('until_at', 3)->nullable();
            $table->unique(['user_id', 'uuid']);
            $table->index(['outing_id', 'from_at']);
        });
        Schema::create('card_rules', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->string('species', 40);
            foreach (['shortest', 'longest', 'slot_from', 'slot_to'] as $length) {
                $table->double("{$length}_m")->nullable();
                $table->string("{$length}_text", 40)->nullable();
            }
            $table->unsignedSmallInteger('bag')->nullable();
            $table->string('closed_from', 5)->nullable();
            $table->string('closed_to', 5)->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'water_id', 'species']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('card_rules');
        Schema::dropIfExists('pauses');
        Schema::table('users', static fn (Blueprint $table) => $table->dropColumn('rod_told_at'));
        Schema::table('waters', static fn (Blueprint $table) => $table->dropColumn('tide'));
        Schema::table('events', static fn (Blueprint $table) => $table->dropColumn(
            ['told', 'girth_m', 'girth_text', 'tag', 'tag_contact', 'note'],
        ));
        Schema::table('outings', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('crew_id');
            $table->dropColumn(['note', 'deleted_at']);
        });
        Schema::dropIfExists('crews');
    }
};
