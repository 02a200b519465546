<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What few entries have is found without reading all the others: when a fish was over, and how a lure flew that fouled. */
return new class extends Migration
{
    public function up(): void
    {
        DB::statement('CREATE INDEX events_over ON events (user_id, outing_id) WHERE over_at IS NOT NULL');
        DB::statement('CREATE INDEX events_flew ON events (user_id, flew) WHERE flew IS NOT NULL');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX events_over');
        DB::statement('DROP INDEX events_flew');
    }
};
