<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('pictures', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('event_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->foreignId('lure_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->foreignId('spot_id')->nullable()->index()->constrained()->cascadeOnDelete();
            $table->uuid('uuid');
            $table->unsignedSmallInteger('width');
            $table->unsignedSmallInteger('height');
            $table->unsignedInteger('size');
            $table->dateTime('at', 3);
            $table->unique(['user_id', 'uuid']);
        });
        // Beside it: who lists pictures reads none of what they hold.
        Schema::create('picture_files', static function (Blueprint $table): void {
            $table->foreignId('picture_id')->primary()->constrained()->cascadeOnDelete();
            $table->binary('bytes');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('picture_files');
        Schema::dropIfExists('pictures');
    }
};
