<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Where a fish was held, when it was over and what the scale said, which touch became it, and how a lure flew that fouled. Of
 * before none is known.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('events', static function (Blueprint $table): void {
            $table->string('held', 10)->nullable();
            $table->string('flew', 10)->nullable();
            $table->dateTime('over_at', 3)->nullable();
            $table->uuid('became')->nullable();
            $table->double('scale_kg')->nullable();
            $table->string('scale_text', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->dropColumn(
            ['held', 'flew', 'over_at', 'became', 'scale_kg', 'scale_text'],
        ));
    }
};
