<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Events are counted by setup from an index; the points that the rules gave a setup when it was tied on; when a plan was ticked. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('events', static fn (Blueprint $table) => $table->index(
            ['user_id', 'kind', 'undone_at', 'setup_id', 'landed'], 'events_counted',
        ));
        Schema::table('setups', static fn (Blueprint $table) => $table->double('rule_points')->nullable());
        Schema::table('plans', static fn (Blueprint $table) => $table->json('told')->nullable());
    }

    public function down(): void
    {
        Schema::table('plans', static fn (Blueprint $table) => $table->dropColumn('told'));
        Schema::table('setups', static fn (Blueprint $table) => $table->dropColumn('rule_points'));
        Schema::table('events', static fn (Blueprint $table) => $table->dropIndex('events_counted'));
    }
};
