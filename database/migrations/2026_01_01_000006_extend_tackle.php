<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lures', function (Blueprint $table): void {
            $table->unsignedInteger('quantity')->default(1);
            $table->unsignedInteger('lost')->default(0);
            $table->boolean('buy_again')->default(false);
            $table->json('build')->nullable();
            $table->json('hooks')->nullable();
            $table->string('notes', 500)->default('');
            $table->string('search', 300)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('lures', function (Blueprint $table): void {
            $table->dropColumn(['quantity', 'lost', 'buy_again', 'build', 'hooks', 'notes', 'search']);
        });
    }
};
