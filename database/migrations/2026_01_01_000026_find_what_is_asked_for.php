<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Ways in which pages ask for rows, and in which none were found but by looking at all of a table. */
    private const ASKED = [
        'setups' => [['outing_id', 'tied_at'], ['user_id', 'spot_id', 'outing_id', 'tied_at']],
        'lines' => [['user_id']],
        'waters' => [['user_id']],
        'spots' => [['user_id'], ['water_id']],
        'marks' => [['outing_id']],
        'card_rules' => [['water_id']],
    ];

    public function up(): void
    {
        foreach (self::ASKED as $name => $indexes) {
            Schema::table($name, static function (Blueprint $table) use ($indexes): void {
                array_map($table->index(...), $indexes);
            });
        }
    }

    public function down(): void
    {
        foreach (self::ASKED as $name => $indexes) {
            Schema::table($name, static function (Blueprint $table) use ($indexes): void {
                array_map($table->dropIndex(...), $indexes);
            });
        }
    }
};
