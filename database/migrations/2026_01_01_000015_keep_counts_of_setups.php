<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The numbers a cadence was worked with, so that what was touched can be done again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('setups', static function (Blueprint $table): void {
            $table->double('lift_m')->nullable();
            $table->double('lift_s')->nullable();
            $table->double('pause_s')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('setups', static fn (Blueprint $table) => $table->dropColumn(['lift_m', 'lift_s', 'pause_s']));
    }
};
