<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The forecast an angler set for a water: the file as it came, and the address it came from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('waters', static function (Blueprint $table): void {
            $table->json('forecast')->nullable();
            $table->string('forecast_address', 300)->nullable();
            $table->dateTime('forecast_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('waters', static fn (Blueprint $table) => $table->dropColumn(['forecast', 'forecast_address', 'forecast_at']));
    }
};
