<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Tables;
use App\Database\Caps;
use App\Models\Water;
use Eskith\Core\Units\InvalidInput;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** How much one angler can have holds on every way in. */
final class CapsTest extends OnWaterTestCase
{
    public function test_every_table_of_an_angler_has_one(): void
    {
        foreach (Tables::all() as $table) {
            self::assertGreaterThan(0, Caps::of($table->name), $table->name);
        }
    }

    public function test_waters_are_bounded_by_hand_by_copy_and_from_a_file(): void
    {
        $sharing = $this->withWater();
        $shared = $sharing->waters()->sole();
        $this->actingAs($sharing)->post("/waters/{$shared->id}/share");
        $code = (string) DB::table('water_shares')->value('code');
        $this->fill('waters', Caps::of('waters') - 1, static fn (int $i): array => [
            'name' => "W {$i}", 'kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0, 'ground' => 0,
        ]);
        $this->actingAs($this->angler)->post('/waters', ['name' => 'One more', 'kind' => 'lake',
            'salt' => 'fresh'])->assertSessionHasErrors('name');
        $this->post('/waters/copy', ['code' => $code])->assertSessionHasErrors();
        $this->post('/spots', ['water' => 'By a spot', 'spot' => 'Bar'])->assertSessionHasErrors();
        self::assertSame(Caps::of('waters'), $this->angler->waters()->count());
    }

    public function test_a_joined_water_holds_no_more_than_another(): void
    {
        $second = Water::query()->create(['user_id' => $this->angler->id, 'name' => 'Second', 'kind' => 'lake']);
        foreach ([$this->water->id, $second->id] as $water) {
            $this->fill('marks', 1_100, static fn (int $i): array => [
                'water_id' => $water, 'uuid' => (string) Str::uuid(), 'kind' => 'rock', 'east_m' => $i, 'north_m' => 0, 'about' => 0,
                'side' => '', 'direction' => '', 'note' => '', 'at' => '2026-01-01 00:00:00',
            ]);
        }
        $this->actingAs($this->angler)->post("/waters/{$second->id}/join", ['into' => $this->water->id])->assertSessionHasErrors('into');
        self::assertSame(2, $this->angler->waters()->count(), 'nothing was joined');
    }

    public function test_an_outing_takes_no_more_than_it_holds(): void
    {
        $this->actingAs($this->angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $outing = $this->angler->outings()->sole();
        $setup = $outing->setups()->sole()->id;
        $this->fill('events', Caps::EVENTS, static fn (int $i): array => [
            'outing_id' => $outing->id, 'setup_id' => $setup, 'uuid' => (string) Str::uuid(), 'kind' => 'drop', 'note' => '',
            'at' => '2026-01-01 00:00:00.000',
        ]);
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => (string) Str::uuid(), 'kind' => 'drop'])
            ->assertJsonValidationErrors('outing');
        self::assertSame(Caps::EVENTS, $outing->events()->count());
    }

    public function test_soundings_are_bounded_by_water(): void
    {
        $this->sounded();
        $survey = (int) DB::table('surveys')->where('water_id', $this->water->id)->value('id');
        $there = DB::table('soundings')->count();
        $this->fill('soundings', Caps::SOUNDINGS - $there, static fn (int $i): array => [
            'survey_id' => $survey, 'east_m' => $i % 200, 'north_m' => intdiv($i, 200), 'depth_m' => 5.0,
        ]);
        $this->expectException(InvalidInput::class);
        Caps::demandSoundings($this->angler->id, $this->water->id, 1);
    }

    /** @param  \Closure(int): array<string, mixed>  $row */
    private function fill(string $table, int $rows, \Closure $row): void
    {
        foreach (array_chunk(range(1, $rows), 400) as $some) {
            DB::table($table)->insert(array_map(fn (int $i): array => ['user_id' => $this->angler->id, ...$row($i)], $some));
        }
    }
}
