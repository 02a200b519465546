<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Casts and drifts laid out, ticked off as they are made. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('plans', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->foreignId('outing_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 12);
            $table->string('name', 80);
            $table->json('fields');
            $table->json('made');
            $table->string('worked', 120)->nullable();
            $table->timestamp('put_away_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'uuid']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('plans');
    }
};
