<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Mark;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\Water;
use App\Readings\ReadingKeeper;
use App\Rows\GroundReader;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Waters made, joined, shared and deleted, and the hours that are worth most there. */
final class WatersTest extends OnWaterTestCase
{
    public function test_a_water_is_joined_with_all_that_hangs_on_it(): void
    {
        $this->sounded();
        $this->post('/waters', ['name' => 'North arm', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => 61.001, 'longitude' => -7.0]);
        $arm = $this->angler->waters()->where('name', 'North arm')->sole();
        $spot = $this->water->spots()->firstOrFail();
        $this->post("/waters/{$arm->id}/spots", [
            'name' => $spot->name, 'depth' => '5 m', 'bottom' => 'mud', 'wall' => false, 'x' => 3, 'y' => 4,
        ]);
        $this->post("/waters/{$arm->id}/marks", ['uuid' => (string) Str::uuid(), 'kind' => 'rock', 'x' => 0, 'y' => 0]);
        $this->post("/waters/{$arm->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => 'wall', 'line' => '0,0;10,0']);
        $this->sounded($arm);
        $before = $this->get('/places')->inertiaProps('ground')['rows'];

        $this->post("/waters/{$arm->id}/join", ['into' => $this->water->id])->assertRedirect("/places/{$this->water->id}");
        self::assertFalse(Water::query()->whereKey($arm->id)->exists());
        self::assertSame([$spot->name, "{$spot->name} (2)"], $this->water->spots()->orderBy('id')->pluck('name')->all());
        self::assertEqualsWithDelta(111.4, Mark::query()->sole()->north_m, 0.5, 'at the same place of the earth');
        self::assertEqualsWithDelta(111.4, DB::table('soundings')->max('north_m') - 40, 0.5);
        self::assertNotSame($before, $this->get("/places/{$this->water->id}")->inertiaProps('ground')['rows']);
        $this->post("/waters/{$this->water->id}/join", ['into' => $this->water->id])->assertSessionHasErrors('into');
        $this->post("/waters/{$this->water->id}/join", ['into' => 999])->assertSessionHasErrors('into');
    }

    public function test_a_water_is_deleted_with_what_hangs_on_it_and_its_outings_stay(): void
    {
        $this->sounded();
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $this->delete("/waters/{$this->water->id}")->assertRedirect('/places');
        self::assertSame([0, 0, 0], [Water::query()->count(), Spot::query()->count(), DB::table('soundings')->count()]);
        self::assertSame(1, Outing::query()->count());
        foreach (['/places', '/water', '/fish', '/look-back', '/outings', '/lure'] as $page) {
            $this->get($page)->assertOk();
        }
    }

    public function test_a_shared_water_is_copied_without_where_fish_were_caught(): void
    {
        $this->sounded();
        foreach (['fish', 'snag'] as $kind) {
            $this->post("/waters/{$this->water->id}/marks", [
                'uuid' => (string) Str::uuid(), 'kind' => $kind, 'x' => 1, 'y' => 1, 'note' => 'mine',
            ]);
        }
        $this->post("/waters/{$this->water->id}/share");
        $code = $this->get('/places')->inertiaProps('water')['code'];
        $this->post("/waters/{$this->water->id}/share");
        self::assertSame($code, $this->get('/places')->inertiaProps('water')['code']);

        $other = $this->withWater();
        $this->actingAs($other)->post('/waters/copy', ['code' => strtolower($code)])->assertSessionHasNoErrors();
        $copy = $other->waters()->latest('id')->firstOrFail();
        self::assertSame("{$this->water->name} (2)", $copy->name, 'one of that name was there');
        self::assertSame(['snag'], $copy->marks()->toBase()->pluck('kind')->all());
        self::assertSame('', $copy->marks()->sole()->note);
        self::assertSame(['Shared soundings'], array_values(array_unique($copy->surveys()->pluck('name')->all())));
        foreach ([$copy->marks()->sole()->at, $copy->surveys()->firstOrFail()->from_at,
            $copy->surveys()->firstOrFail()->until_at] as $when) {
            self::assertLessThan(60, abs((float) $when?->diffInSeconds(now())), 'when they were there stays theirs');
        }
        self::assertSame(GroundReader::rows($this->water)->count(), GroundReader::rows($copy)->count());
        $copy->marks()->update(['side' => 'changed']);
        self::assertSame(0, $this->water->marks()->where('side', 'changed')->count(), 'a copy is its own');

        $this->actingAs($this->angler)->delete("/waters/{$this->water->id}/share");
        $this->actingAs($other)->post('/waters/copy', ['code' => $code])->assertSessionHasErrors('code');
    }

    public function test_a_chart_is_kept_once_for_each_water_and_goes_with_it(): void
    {
        $this->sounded();
        $place = "charted {$this->water->id}";
        $this->get("/places/{$this->water->id}")->assertOk();
        $first = Cache::get($place);
        $this->post("/waters/{$this->water->id}/soundings", [
            'uuid' => (string) Str::uuid(), 'soundings' => [['x' => 1, 'y' => 1, 'depth' => '4 m']],
        ])->assertSessionHasNoErrors();
        $this->get("/places/{$this->water->id}")->assertOk();
        self::assertNotSame(md5(serialize($first)), md5(serialize(Cache::get($place))), 'worked out anew, in the same place');
        $this->delete("/waters/{$this->water->id}");
        self::assertFalse(Cache::has($place));
        $this->angler->waters()->create(['name' => 'Other', 'kind' => 'lake', 'latitude' => 60, 'longitude' => 5]);
        $other = $this->angler->waters()->where('name', 'Other')->sole();
        $this->sounded($other);
        $this->get("/places/{$other->id}")->assertOk();
        self::assertTrue(Cache::has("charted {$other->id}"));
        $this->angler->update(['password' => 'a long password']);
        $this->actingAs($this->angler)->delete('/account', ['goodbye' => 'a long password'])->assertRedirect('/sign-in');
        self::assertFalse(Cache::has("charted {$other->id}"), 'and with the account');
    }

    public function test_waters_are_made_changed_and_what_cannot_be_is_refused(): void
    {
        $good = ['name' => 'Far tarn', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => '', 'longitude' => ''];
        $this->post('/waters', $good)->assertSessionHasNoErrors();
        $this->post('/waters', $good);
        $tarn = $this->angler->waters()->where('name', 'Far tarn')->sole();
        foreach ([
            'name' => '', 'kind' => 'puddle', 'salt' => 'sweet', 'latitude' => 'north', 'flood' => '400°', 'fastest' => '40 m/s',
        ] as $field => $bad) {
            $this->put(
                "/waters/{$tarn->id}", [...$good, 'longitude' => $field === 'latitude' ? '3' : '', $field => $bad]
            )->assertSessionHasErrors($field);
        }
        $this->put("/waters/{$tarn->id}", [...$good, 'name' => $this->water->name])->assertSessionHasErrors('name');
        $this->put(
            "/waters/{$tarn->id}", [...$good, 'kind' => 'river', 'latitude' => '61.5', 'longitude' => '-7']
        )->assertSessionHasNoErrors();
        self::assertSame([61.5, 'river'], [$tarn->refresh()->latitude, $tarn->kind]);
        $this->get("/places/{$tarn->id}")->assertOk();
    }

    public function test_nobody_sees_or_changes_what_is_another_s(): void
    {
        $this->sounded();
        $uuid = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/marks", ['uuid' => $uuid, 'kind' => 'fish', 'x' => 1, 'y' => 1]);
        $survey = $this->water->surveys()->firstOrFail()->uuid;
        $spot = $this->water->spots()->firstOrFail()->id;
        $this->actingAs($this->anglerOnTheLake());
        foreach ([
            [
                'GET', "/places/{$this->water->id}",
            ], ['GET', "/places/{$this->water->id}.gpx"], ['GET', "/places/{$this->water->id}/section?line=0,0;9,9"],
            ['DELETE', "/waters/{$this->water->id}"], ['POST', "/waters/{$this->water->id}/share"], ['DELETE', "/marks/{$uuid}"],
            ['DELETE', "/surveys/{$survey}"], ['DELETE', "/spots/{$spot}"], ['GET', "/places/{$this->water->id}/boat"],
        ] as [$method, $path]) {
            $this->call($method, $path)->assertNotFound();
        }
    }

    public function test_the_hours_of_the_days_to_come_are_a_calendar_that_another_reader_takes(): void
    {
        $this->angler->update(['email' => config('eskith.demo_email')]);
        $this->water->update(['tide' => \App\Instruments\SimulatedTides::of('Tannick harbour')]);
        $text = (string) $this->get("/places/{$this->water->id}/windows.ics")->assertOk()->getContent();
        $calendar = \Sabre\VObject\Reader::read($text);
        self::assertSame([], $calendar->validate());
        $summaries = array_map(
            static fn ($event): string => (string) $event->SUMMARY, iterator_to_array($calendar->select('VEVENT'), false)
        );
        self::assertGreaterThan(40, count($summaries));
        self::assertContains("Dim light, {$this->water->name}", $summaries);
        self::assertContains("Flood runs, {$this->water->name}", $summaries);
        self::assertSame(count($summaries), count(array_unique(array_map(
            static fn ($event): string => (string) $event->UID, iterator_to_array($calendar->select('VEVENT'), false),
        ))));
    }

    public function test_a_tide_is_made_up_typed_or_taken_away(): void
    {
        $this->angler->update(['email' => config('eskith.demo_email')]);
        $put = fn (array $fields): \Illuminate\Testing\TestResponse => $this->put("/waters/{$this->water->id}/tide", $fields);
        $put(['from' => 'made_up'])->assertSessionHasNoErrors();
        $sheet = fn (): array => $this->get('/places')->inertiaProps('water');
        self::assertSame([true, 'made_up'], [$sheet()['tidal'], $sheet()['tideFrom']]);
        $own = ['from' => 'own', 'mean' => '2 m', 'epoch' => '2026-01-01', 'waves' => "1 m 30 0\n10 cm, 15.04°, 90°"];
        $put($own)->assertSessionHasNoErrors();
        self::assertSame(['own', $own['waves']], [$sheet()['tideFrom'], $sheet()['tideWaves']]);
        // At its epoch the first stands at its highest, the second at its mean.
        self::assertEqualsWithDelta(
            3.0, \App\Rows\TideAndLight::overWater($this->water->refresh())->levelM(Carbon::parse('2026-01-01T00:00:00Z')), 1e-6
        );
        foreach (['mean' => 'high', 'epoch' => 'new year', 'waves' => "1 m 30 0\nM2", 'from' => 'the moon'] as $field => $bad) {
            $put([...$own, $field => $bad])->assertSessionHasErrors($field);
        }
        $put([...$own, 'waves' => '1 m 400 0'])->assertSessionHasErrors();
        $put(['from' => 'none']);
        self::assertSame([false, 'none'], [$sheet()['tidal'], $sheet()['tideFrom']]);
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $put(['from' => 'made_up'])->assertSessionHasErrors('from');
    }

    public function test_today_tells_light_tide_and_a_forecast_that_says_it_is_made_up(): void
    {
        $this->angler->update(['email' => config('eskith.demo_email')]);
        $this->water->update(['tide' => \App\Instruments\SimulatedTides::of('Tannick harbour')]);
        $this->travelTo(Carbon::parse('2026-11-25T12:00:00Z'));
        ReadingKeeper::of($this->angler)->keep(['cloud' => 'overcast']);
        $today = $this->get('/places')->inertiaProps('today');
        self::assertSame('dim', $today['lightNow']);
        self::assertSame('overcast', $today['sky']);
        self::assertCount(49, $today['tide']);
        self::assertGreaterThanOrEqual(3, count($today['turns']));
        self::assertStringStartsWith('Made-up forecast', $today['forecast']);
        $this->put('/readings', ['readings' => $today['proposes']])->assertOk();
        $this->water->update(['latitude' => null, 'longitude' => null, 'tide' => null]);
        self::assertNull($this->get('/places')->inertiaProps('today'));
    }

    public function test_of_a_real_water_nothing_is_made_up(): void
    {
        $this->put("/waters/{$this->water->id}/tide", ['from' => 'made_up'])->assertSessionHasErrors([
            'from' => 'Eskith makes no tide up for your own water. Type the tide\'s waves, or leave it without.',
        ]);
        $page = $this->get('/places')->inertiaProps();
        self::assertSame(['none', 'own'], array_column($page['tides'], 'value'));
        self::assertSame(['', []], [$page['today']['forecast'], $page['today']['proposes']]);

        // One that was made up before is shown and can be taken out, and plays no part until then.
        $this->water->update(['tide' => [...\App\Instruments\SimulatedTides::of('Tannick harbour') ?? [], 'from' => 'made_up']]);
        $page = $this->get('/places')->inertiaProps();
        self::assertSame(['none', 'made_up', 'own'], array_column($page['tides'], 'value'));
        self::assertSame([false, 'made_up', []], [$page['water']['tidal'], $page['water']['tideFrom'], $page['today']['tide']]);
        $this->put("/waters/{$this->water->id}/tide", ['from' => 'none'])->assertSessionHasNoErrors();
        self::assertNull($this->water->refresh()->tide);
    }
}
