<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('tracks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->constrained()->cascadeOnDelete();
            $table->uuid('uuid');
            $table->dateTime('from_at', 3);
            $table->text('fixes');
            $table->unique(['user_id', 'uuid']);
            $table->index(['outing_id', 'from_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('tracks');
    }
};
