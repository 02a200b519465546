<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A row that goes is looked for in every table that can lead to it: without an index that reads through those of all anglers. */
return new class extends Migration
{
    private const LINKS = [
        'setups' => ['spot_id', 'lure_id'], 'outings' => ['spot_id', 'crew_id'], 'moves' => ['spot_id'], 'plans' => ['outing_id'],
        'pauses' => ['rod_id'], 'soundings' => ['user_id'], 'measurements' => ['lure_id'], 'history' => ['lure_id', 'line_id', 'gear_id'],
        'crews' => ['user_id'], 'water_shares' => ['user_id'], 'readings_elsewhere' => ['spot_id'], 'users' => ['pinned_lure_id'],
    ];

    public function up(): void
    {
        foreach (self::LINKS as $table => $columns) {
            Schema::table($table, static function (Blueprint $table) use ($columns): void {
                array_map($table->index(...), $columns);
            });
        }
    }

    public function down(): void
    {
        foreach (self::LINKS as $table => $columns) {
            Schema::table($table, static function (Blueprint $table) use ($columns): void {
                array_map(static fn (string $column) => $table->dropIndex([$column]), $columns);
            });
        }
    }
};
