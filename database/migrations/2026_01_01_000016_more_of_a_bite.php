<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Where a bite came as it is reckoned, which hook held, what became of the fish. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('events', static function (Blueprint $table): void {
            $table->boolean('depth_computed')->default(false);
            $table->string('hook', 12)->nullable();
            $table->boolean('bent')->nullable();
            $table->string('lost_at', 12)->nullable();
            $table->boolean('kept')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->dropColumn(['depth_computed', 'hook', 'bent', 'lost_at', 'kept']));
    }
};
