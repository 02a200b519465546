<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('gear', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->string('kind', 12);
            $table->string('name', 80);
            $table->string('details', 120)->default('');
            $table->unsignedInteger('quantity')->default(1);
            $table->date('put_on')->nullable();
            $table->timestamp('retired_at')->nullable();
            $table->unique(['user_id', 'uuid']);
        });
        Schema::create('history', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->foreignId('lure_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('gear_id')->nullable()->constrained('gear')->cascadeOnDelete();
            $table->foreignId('line_id')->nullable()->constrained('lines')->cascadeOnDelete();
            $table->string('what', 120);
            $table->timestamp('at');
            $table->unique(['user_id', 'uuid']);
        });
        Schema::table('lines', function (Blueprint $table): void {
            $table->date('put_on')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('lines', fn (Blueprint $table) => $table->dropColumn('put_on'));
        Schema::dropIfExists('history');
        Schema::dropIfExists('gear');
    }
};
