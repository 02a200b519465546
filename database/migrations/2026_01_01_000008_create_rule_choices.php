<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rules switched off, re-weighted or added; a lure kept in sight; what the angler notes of local rules. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rule_choices', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('rule', 40);
            $table->double('weight')->default(1);
            $table->json('own')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'rule']);
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->foreignId('pinned_lure_id')->nullable()->constrained('lures')->nullOnDelete();
        });
        Schema::table('waters', function (Blueprint $table): void {
            $table->string('local_rules', 400)->default('');
            $table->string('protected_fish', 120)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('waters', fn (Blueprint $table) => $table->dropColumn(['local_rules', 'protected_fish']));
        Schema::table('users', fn (Blueprint $table) => $table->dropConstrainedForeignId('pinned_lure_id'));
        Schema::dropIfExists('rule_choices');
    }
};
