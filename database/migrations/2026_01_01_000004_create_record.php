<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('outings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->foreignId('spot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('place', 120);
            $table->json('readings');
            $table->timestamp('started_at');
            $table->timestamp('ended_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'uuid']);
            $table->index(['user_id', 'ended_at']);
        });
        Schema::create('setups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->foreignId('lure_id')->constrained()->restrictOnDelete();
            $table->string('hole', 20)->nullable();
            $table->string('cadence', 20);
            $table->double('depth_m');
            $table->timestamp('tied_at', 3);
            $table->unique(['user_id', 'uuid']);
        });
        Schema::create('events', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('setup_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->string('kind', 12);
            $table->string('came', 12)->nullable();
            $table->string('species', 20)->nullable();
            $table->double('length_m')->nullable();
            $table->string('length_text', 40)->nullable();
            $table->boolean('landed')->nullable();
            $table->double('depth_m')->nullable();
            $table->timestamp('at', 3);
            $table->timestamp('undone_at')->nullable();
            $table->unique(['user_id', 'uuid']);
            $table->index(['outing_id', 'undone_at', 'at']);
        });
    }

    public function down(): void
    {
        foreach (['events', 'setups', 'outings'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
