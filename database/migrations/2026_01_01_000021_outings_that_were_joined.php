<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was joined to an outing is found by its own id too; a crew's code is renewed, and tags are shown to a crew on request. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('outings', static function (Blueprint $table): void {
            $table->json('joined')->nullable();
            $table->boolean('shares_tags')->default(false);
        });
        Schema::table('crews', static fn (Blueprint $table) => $table->dateTime('renewed_at')->nullable());
    }

    public function down(): void
    {
        Schema::table('outings', static fn (Blueprint $table) => $table->dropColumn(['joined', 'shares_tags']));
        Schema::table('crews', static fn (Blueprint $table) => $table->dropColumn('renewed_at'));
    }
};
