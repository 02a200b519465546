<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether the lure stayed down, by a snag or a line that broke. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->boolean('lure_lost')->nullable());
    }

    public function down(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->dropColumn('lure_lost'));
    }
};
