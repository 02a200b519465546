<?php

declare(strict_types=1);

use Eskith\Core\Water\Frame;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** The ground of waters: where each lies, its level, its soundings, lines and marks. Places are metres round their water from here on. */
return new class extends Migration
{
    public function up(): void
    {
        $this->widenWaters();
        $this->placeSpots();
        $this->createGround();
        Schema::table('feeds', static function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->dateTime('fix_at', 3)->nullable();
        });
    }

    public function down(): void
    {
        foreach (['soundings', 'surveys', 'marks', 'edges', 'water_shares'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('feeds', static fn (Blueprint $table) => $table->dropColumn(['latitude', 'longitude', 'fix_at']));
        Schema::table('spots', static function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->dropColumn(['east_m', 'north_m', 'facing_deg']);
        });
        Schema::table('waters', static fn (Blueprint $table) => $table->dropColumn(
            ['latitude', 'longitude', 'level_m', 'level_text', 'level_at', 'flood_deg', 'fastest_ms', 'fastest_text', 'ground'],
        ));
    }

    private function widenWaters(): void
    {
        Schema::table('waters', static function (Blueprint $table): void {
            $table->double('latitude')->nullable();
            $table->double('longitude')->nullable();
            $table->double('level_m')->nullable();
            $table->string('level_text', 40)->nullable();
            $table->dateTime('level_at')->nullable();
            $table->double('flood_deg')->nullable();
            $table->double('fastest_ms')->nullable();
            $table->string('fastest_text', 40)->nullable();
            $table->unsignedInteger('ground')->default(0);
        });
    }

    private function placeSpots(): void
    {
        Schema::table('spots', static function (Blueprint $table): void {
            $table->double('east_m')->nullable();
            $table->double('north_m')->nullable();
            $table->double('facing_deg')->nullable();
        });
        $placed = DB::table('spots')->whereNotNull('latitude')->whereNotNull('longitude')->orderBy('id')->get();
        foreach ($placed->groupBy('water_id') as $id => $spots) {
            $first = $spots->first();
            if ($first === null || abs(Coerce::number($first->latitude)) > 89 || abs(Coerce::number($first->longitude)) > 180) {
                continue;
            }
            $frame = Frame::of(Coerce::number($first->latitude), Coerce::number($first->longitude));
            DB::table('waters')->where('id', $id)->update(['latitude' => $frame->latitude, 'longitude' => $frame->longitude]);
            foreach ($spots as $spot) {
                $at = $frame->position(Coerce::number($spot->latitude), Coerce::number($spot->longitude));
                DB::table('spots')->where('id', $spot->id)->update(['east_m' => $at->east, 'north_m' => $at->north]);
            }
        }
        Schema::table('spots', static fn (Blueprint $table) => $table->dropColumn(['latitude', 'longitude']));
    }

    private function createGround(): void
    {
        Schema::create('marks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->foreignId('outing_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('uuid');
            $table->string('kind', 12);
            $table->double('east_m');
            $table->double('north_m');
            $table->boolean('about')->default(false);
            $table->double('depth_m')->nullable();
            $table->string('bottom', 20)->nullable();
            $table->string('side', 80)->default('');
            $table->string('direction', 80)->default('');
            $table->string('note', 300)->default('');
            $table->dateTime('at', 3);
            $table->unique(['user_id', 'uuid']);
            $table->index('water_id');
        });
        Schema::create('edges', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->uuid('uuid');
            $table->string('kind', 12);
            $table->string('name', 80)->default('');
            $table->json('points');
            $table->date('seen_on');
            $table->unique(['user_id', 'uuid']);
            $table->index('water_id');
        });
        Schema::create('surveys', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->constrained()->cascadeOnDelete();
            $table->uuid('uuid');
            $table->string('name', 80);
            $table->string('source', 12);
            $table->dateTime('from_at');
            $table->dateTime('until_at')->nullable();
            $table->unsignedInteger('seconds')->default(0);
            $table->unsignedInteger('brought')->default(0);
            $table->unsignedInteger('spikes')->default(0);
            $table->unique(['user_id', 'uuid']);
            $table->index('water_id');
        });
        Schema::create('soundings', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('survey_id')->constrained()->cascadeOnDelete();
            $table->double('east_m');
            $table->double('north_m');
            $table->double('depth_m');
            $table->dateTime('at', 3)->nullable();
            $table->index(['survey_id', 'id']);
        });
        Schema::create('water_shares', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('water_id')->unique()->constrained()->cascadeOnDelete();
            $table->string('code', 12)->unique();
            $table->timestamps();
        });
    }
};
