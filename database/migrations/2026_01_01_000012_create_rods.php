<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Rods as they are rigged: what is tied between reel and lure. The main line stands among the lines. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('rods', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->string('name', 80);
            $table->double('length_m');
            $table->string('length_text', 40);
            $table->double('lifts_kg');
            $table->string('lifts_text', 40);
            $table->string('leader', 20)->nullable();
            $table->double('leader_n')->nullable();
            $table->string('leader_n_text', 40)->nullable();
            $table->double('leader_m')->nullable();
            $table->string('leader_m_text', 40)->nullable();
            $table->string('connector', 20);
            $table->timestamp('retied_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'uuid']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('rods');
    }
};
