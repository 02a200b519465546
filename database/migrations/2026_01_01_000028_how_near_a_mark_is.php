<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('marks', static function (Blueprint $table): void {
            $table->double('accuracy_m')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('marks', static function (Blueprint $table): void {
            $table->dropColumn('accuracy_m');
        });
    }
};
