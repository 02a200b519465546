<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('kind', 20);
            $table->double('diameter_m');
            $table->string('diameter_text', 40);
            $table->double('break_n');
            $table->string('break_text', 40);
            $table->boolean('in_use')->default(false);
            $table->timestamps();
        });
        Schema::create('lures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->unsignedInteger('position');
            $table->string('family', 20);
            $table->double('mass_kg');
            $table->string('mass_text', 40);
            $table->string('finish', 40);
            $table->boolean('red_near_hooks')->default(false);
            $table->double('length_mm');
            $table->double('height_mm');
            $table->json('holes');
            $table->double('balance_x')->nullable();
            $table->double('balance_y')->nullable();
            $table->timestamp('retired_at')->nullable();
            $table->timestamps();
            $table->unique(['user_id', 'uuid']);
            $table->index(['user_id', 'retired_at', 'position']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('lures');
        Schema::dropIfExists('lines');
    }
};
