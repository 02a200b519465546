<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What every answer asks of the record, found without reading all of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->index(['setup_id', 'kind']));
        Schema::table('outings', static fn (Blueprint $table) => $table->index(['user_id', 'spot_id']));
    }

    public function down(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->dropIndex(['setup_id', 'kind']));
        Schema::table('outings', static fn (Blueprint $table) => $table->dropIndex(['user_id', 'spot_id']));
    }
};
