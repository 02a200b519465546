<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('measurements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lure_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('uuid', 36);
            $table->string('kind', 10);
            $table->string('hole', 20)->nullable();
            $table->double('value');
            $table->string('method', 200);
            $table->timestamp('measured_at');
            $table->unique(['user_id', 'uuid']);
            $table->index(['user_id', 'kind']);
        });
        Schema::create('feeds', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('address', 120);
            $table->unsignedBigInteger('heard')->default(0);
            $table->unsignedBigInteger('dropped')->default(0);
            $table->timestamp('seen_at')->nullable();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('feeds');
        Schema::dropIfExists('measurements');
    }
};
