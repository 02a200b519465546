<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Mark;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Readings\Spots;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Where a phone says it is: marks lie there, and the boat is drawn there. */
final class PhoneFixTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Water $water;

    private Outing $outing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $spot = Spots::keepHere($this->angler, 'Hallowmere', 'North bar');
        $spot->update(['east_m' => 0, 'north_m' => 0]);
        $this->water = $spot->water;
        $this->water->update(['latitude' => 61.0, 'longitude' => -7.0]);
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $this->outing = $this->angler->outings()->sole();
    }

    public function test_a_mark_lies_where_the_phone_was_as_it_was_pressed(): void
    {
        // Instruments say another place, and a phone that goes on: neither counts.
        $this->angler->feed()->create(
            ['address' => 'x', 'seen_at' => Carbon::now(), 'fix_at' => Carbon::now(), 'latitude' => 61.01, 'longitude' => -7.0],
        );
        foreach ([1, 2] as $twice) {
            self::assertSame([], $this->mark(['lat' => 61.001, 'lon' => -7.0, 'accuracy' => 6.0])->json('refused'));
        }
        $mark = Mark::query()->sole();
        self::assertEqualsWithDelta([0.0, 111.4], [$mark->east_m, $mark->north_m], 0.5);
        self::assertSame([false, 6.0], [$mark->about, $mark->accuracy_m]);
        $shown = $this->get("/places/{$this->water->id}")->inertiaProps('marks')[0];
        self::assertStringContainsString("within 20\u{A0}ft", $shown['words']);
    }

    public function test_nothing_is_marked_with_what_a_phone_is_not_sure_of_or_elsewhere(): void
    {
        foreach ([[61.001, -7.0, 31.0], [52.0, 4.0, 5.0], [null, null, null]] as [$lat, $lon, $accuracy]) {
            $this->mark(['lat' => $lat, 'lon' => $lon, 'accuracy' => $accuracy], (string) Str::uuid());
        }
        self::assertSame([[0.0, true, null]], Mark::query()->get()->map(
            static fn (Mark $mark): array => [$mark->north_m, $mark->about, $mark->accuracy_m],
        )->unique()->values()->all(), 'they lie at the spot, and say so');
        foreach ([
            ['lat' => 'north'], ['lat' => 91, 'lon' => 0, 'accuracy' => 1], ['lat' => 61, 'lon' => -7, 'accuracy' => -1], ['lon' => 5],
        ] as $none) {
            $why = $this->mark($none, (string) Str::uuid())->json('refused.0.why');
            self::assertStringContainsString('This phone told a position', $why);
        }
        self::assertSame(3, Mark::query()->count());
    }

    public function test_the_boat_is_where_the_phone_is_and_says_how_sure_that_is(): void
    {
        $mark = $this->mark(['lat' => 61.0, 'lon' => -7.0, 'accuracy' => 4]);
        self::assertSame([], $mark->json('refused'));
        $uuid = Mark::query()->sole()->uuid;
        $boat = fn (array $fix): TestResponse => $this->getJson(
            "/places/{$this->water->id}/boat?".http_build_query(['mark' => $uuid, ...$fix]),
        );
        $sure = $boat(['lat' => 61.001, 'lon' => -7.0, 'accuracy' => 6])->assertOk()->json();
        self::assertEqualsWithDelta([0.0, 111.4, 6.0], [$sure['x'], $sure['y'], $sure['withinM']], 0.5);
        self::assertSame("This phone, within 20\u{A0}ft.", $sure['phone']);
        self::assertStringContainsString("370\u{A0}ft, bearing 180°, south", $sure['back']['words']);
        $vague = $boat(['lat' => 61.001, 'lon' => -7.0, 'accuracy' => 45])->json();
        self::assertStringContainsString('Wait before you mark', $vague['phone']);
        self::assertStringContainsString('Nothing says where you are', $vague['back']['words']);
        $far = $boat(['lat' => 10, 'lon' => 10, 'accuracy' => 6])->json();
        self::assertSame([null, null, 'This phone is over 100 km from this water.'], [$far['x'], $far['withinM'], $far['phone']]);
        self::assertSame([null, ''], [$boat([])->json('withinM'), $boat([])->json('phone')]);
        $boat(['lat' => 'x', 'lon' => 1, 'accuracy' => 1])->assertStatus(422);
        $this->water->update(['latitude' => null]);
        self::assertStringContainsString('without a position', $boat(['lat' => 61.0, 'lon' => -7.0, 'accuracy' => 6])->json('phone'));
    }

    public function test_a_drift_by_phone_is_told_with_how_sure_it_is_as_it_would_be_typed(): void
    {
        // Three metres north and one east in ten seconds: 0.316 m/s.
        $fix = static fn (int $s): array => [$s, 61.0 + 0.3 * $s / 111_412, -7.0 + 0.1 * $s / 54_110, 6.0];
        $ask = fn (array $fixes): TestResponse => $this->postJson('/drift-by-phone', ['fixes' => $fixes]);
        $told = $ask(array_map($fix, range(0, 100)))->assertOk()->json();
        self::assertSame('60 s', $told['seconds']);
        self::assertEqualsWithDelta(62.25, (float) $told['distance'], 0.15);
        self::assertStringEndsWith(' ft', $told['distance']);
        self::assertStringStartsWith("Drifting 0.71\u{A0}mph toward the north, ±\u{A0}0.02\u{A0}mph.", $told['sentence']);
        // Kept as a drift that was measured by hand would be.
        ['distance' => $distance, 'seconds' => $seconds] = $told;
        $this->post('/measurements', ['uuid' => (string) Str::uuid(), 'kind' => 'drift', 'distance' => $distance, 'seconds' => $seconds]);
        self::assertSame('0.71 mph', $this->angler->readings()->where('name', 'drift')->value('text'));

        self::assertSame(
            ['40 s of drift so far. Let it go on for a minute.', null],
            [$ask(array_map($fix, range(0, 40)))->json('sentence'), $ask(array_map($fix, range(0, 40)))->json('distance')],
        );
        $vague = array_map(static fn (array $one): array => [$one[0], $one[1], $one[2], 31.0], array_map($fix, range(0, 100)));
        self::assertStringStartsWith('Under way, or not heard yet.', $ask($vague)->json('sentence'));
        self::assertStringStartsWith('Under way, or not heard yet.', $ask([])->json('sentence'));
        foreach ([[[1, 2, 3]], [['x', 1, 2, 3]], ['soup'], [[0, 61, -7, 5], [1, 10, 10, 5]], [[0, 95, 0, 1]]] as $none) {
            $ask($none)->assertStatus(422);
        }
    }

    public function test_the_spot_one_has_come_to_is_proposed_and_not_the_one_one_is_at(): void
    {
        $other = Spot::query()->create([
            'user_id' => $this->angler->id, 'water_id' => $this->water->id, 'name' => 'West gravel', 'depth_m' => 5.0, 'wall' => false,
            'east_m' => 0, 'north_m' => 300,
        ]);
        Spot::query()->create(['user_id' => $this->angler->id, 'water_id' => $this->water->id, 'name' => 'Unplaced', 'wall' => false]);
        $ask = fn (float $north, float $accuracy = 6.0): TestResponse => $this->getJson('/nearest-spot?'.http_build_query(
            ['lat' => 61.0 + $north / 111_412, 'lon' => -7.0, 'accuracy' => $accuracy],
        ));
        $near = $ask(280.0)->assertOk()->json();
        self::assertSame(
            [$other->id, 'West gravel · Hallowmere', 'West gravel', "66\u{A0}ft"],
            [$near['spot'], $near['place'], $near['name'], $near['away']],
        );
        self::assertNull($ask(20.0)->json('spot'), 'it is at the bar, as the day is');
        self::assertNull($ask(155.0)->json('spot'), 'hardly nearer to the other');
        self::assertSame($other->id, $ask(190.0)->json('spot'));
        self::assertNull($ask(500.0)->json('spot'), 'at neither');
        self::assertNull($ask(280.0, 40.0)->json('spot'), 'not sure enough');
        $this->getJson('/nearest-spot?lat=north&lon=1&accuracy=1')->assertStatus(422);
        $this->getJson('/nearest-spot?lat=95&lon=1&accuracy=1')->assertStatus(422);
        // Gone there, it is proposed no more, and on the way back the other is.
        $this->put("/spots/{$other->id}/here");
        self::assertNull($ask(280.0)->json('spot'));
        self::assertNotNull($ask(10.0)->json('spot'));
    }

    /** @param  array<string, mixed>  $fix */
    private function mark(array $fix, string $uuid = '7c0f3b4e-7a3e-4f0e-9a0c-6a8c3f1d2e11'): TestResponse
    {
        return $this->postJson("/outings/{$this->outing->uuid}/taps", ['angler' => $this->angler->id, 'taps' => [
            ['do' => 'mark', 'uuid' => $uuid, 'kind' => 'snag', 'at' => Carbon::now()->toIso8601ZuluString(), ...$fix],
        ]])->assertOk();
    }
}
