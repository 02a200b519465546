<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('waters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('kind', 20);
            $table->string('profile', 10)->default('uniform');
            $table->double('salinity')->default(0);
            $table->timestamps();
        });
        Schema::create('spots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->double('depth_m');
            $table->string('bottom', 20);
            $table->boolean('wall')->default(false);
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->timestamps();
        });
        Schema::create('readings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name', 30);
            $table->string('text', 200);
            $table->double('si')->nullable();
            $table->string('source', 12);
            $table->boolean('pinned')->default(false);
            $table->timestamp('read_at');
            $table->unique(['user_id', 'name']);
        });
    }

    public function down(): void
    {
        foreach (['readings', 'spots', 'waters'] as $table) {
            Schema::dropIfExists($table);
        }
    }
};
