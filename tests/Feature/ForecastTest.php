<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\MadeUpWeather;
use App\Instruments\SimulatedForecasts;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\WindFrom;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Tests\Browser\Support\FreePort;
use Tests\TestCase;

/** The weather of a water of one's own is told by whom one set, and by nobody else. */
final class ForecastTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Water $water;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->water = $this->angler->waters()->create([
            'name' => 'Slate Lake', 'kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0, 'latitude' => 45.2, 'longitude' => -7.9,
        ]);
    }

    /** @param  array<string, mixed>  $hour */
    private function forecast(array $hour = ['wind_ms' => 5.0, 'wind_from_deg' => 90, 'cloud' => 0.1]): string
    {
        return json_encode(['format' => 'eskith-forecast', 'version' => 1, 'source' => 'harbour office', 'hours' => [
            ['at' => now()->toIso8601ZuluString(), ...$hour],
        ]], JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed>|null */
    private function today(): ?array
    {
        $page = $this->get("/places/{$this->water->id}")->assertOk()->viewData('page')['props'];

        return json_decode((string) json_encode($page), true)['today'];
    }

    public function test_nothing_is_said_until_a_file_is_brought_and_nothing_once_it_is_out_again(): void
    {
        self::assertSame(['', []], [$this->today()['forecast'] ?? '', $this->today()['proposes'] ?? []]);
        $bring = fn (string $json) => $this->post(
            "/waters/{$this->water->id}/forecast", ['file' => UploadedFile::fake()->createWithContent('f.json', $json)],
        );
        $bring($this->forecast())->assertSessionHasNoErrors();
        self::assertSame("Harbour office: 11\u{A0}mph from the east, clear sky", $this->today()['forecast'] ?? '');
        self::assertSame(['wind' => "11\u{A0}mph", 'wind_from' => 'e', 'cloud' => 'clear'], $this->today()['proposes'] ?? []);
        $bring('{"format":"eskith-forecast","version":1,"hours":[{"at":"soon"}]}')->assertSessionHasErrors('file');
        self::assertStringStartsWith('Harbour office', $this->today()['forecast'] ?? '', 'the one before stays');
        $this->travel(3)->hours();
        self::assertSame('', $this->today()['forecast'] ?? '', 'an hour that is past says nothing of now');
        $this->travelBack();
        $this->delete("/waters/{$this->water->id}/forecast")->assertRedirect();
        self::assertSame('', $this->today()['forecast'] ?? '');
        $this->water->update(['forecast' => '{"broken"']);
        self::assertSame('', $this->today()['forecast'] ?? '', 'a page never fails because of what was stored');
    }

    public function test_only_hosts_that_are_listed_are_asked_and_no_redirect_is_followed(): void
    {
        $ask = fn (string $address) => $this->post("/waters/{$this->water->id}/forecast", ['address' => $address]);
        Http::fake(['weather.test/*' => Http::sequence()->push($this->forecast())->push('moved', 302, ['Location' => 'http://10.0.0.1/'])
            ->push('{"a":1}')->push(str_repeat('x', 300_000))]);
        $ask('https://weather.test/forecast.json')->assertSessionHasErrors(['address' => 'This server asks no addresses for forecasts. '
            .'Bring a file, or have its keeper list the host.']);
        config(['eskith.forecast_hosts' => 'weather.test']);
        $bad = ['http://10.0.0.1/', 'file:///etc/passwd', 'http://weather.test:8080/', 'http://me@weather.test/', 'ftp://weather.test/'];
        foreach ([...$bad, 'weather.test'] as $bad) {
            $ask($bad)->assertSessionHasErrors('address');
        }
        Http::assertNothingSent();
        $ask('https://weather.test/forecast.json')->assertSessionHasNoErrors();
        self::assertSame('https://weather.test/forecast.json', $this->water->refresh()->forecast_address);
        $ask('https://weather.test/a')->assertSessionHasErrors('address');
        $ask('https://weather.test/a')->assertSessionHasErrors('file');
        $ask('https://weather.test/a')->assertSessionHasErrors('file');
        self::assertStringStartsWith('Harbour office', $this->today()['forecast'] ?? '');
        $this->actingAs(User::factory()->create());
        $ask('https://weather.test/forecast.json')->assertNotFound();
    }

    public function test_the_stand_in_that_ships_answers_in_this_form(): void
    {
        $port = FreePort::find();
        $server = proc_open(
            [base_path('bin/forecast')], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']], $pipes,
            null, [...getenv(), 'PORT' => (string) $port],
        );
        self::assertIsResource($server);
        try {
            FreePort::waitFor($port, 10);
            config(['eskith.forecast_hosts' => "127.0.0.1:{$port}"]);
            $this->post("/waters/{$this->water->id}/forecast", [
                'address' => "http://127.0.0.1:{$port}/forecast.json?latitude=45.2&longitude=-7.9&hours=240",
            ])->assertSessionHasNoErrors();
            self::assertStringStartsWith('Made-up forecast: ', $this->today()['forecast'] ?? '');
            $this->post("/waters/{$this->water->id}/forecast", ['address' => "http://127.0.0.1:{$port}/other"])
                ->assertSessionHasErrors(['address' => 'That address answers 404 instead of a forecast; the one before stays.']);
        } finally {
            proc_terminate($server);
            proc_close($server);
        }
    }

    /** @return array<string, string> what the stand-in says of this water at a moment, as it was taken for read */
    private function madeUp(\DateTimeInterface $at, Unit $speed = Unit::MilePerHour): array
    {
        $made = SimulatedForecasts::made(Frame::of(45.2, -7.9), Carbon::instance($at));

        return [
            'wind' => $speed->print((float) $made->windMs), 'gust' => $speed->print((float) $made->gustMs),
            'wind_from' => (string) $made->from?->value, 'cloud' => (string) $made->cloud?->value,
            'air' => Unit::Fahrenheit->print((float) $made->airC),
        ];
    }

    /** @return list<array{words: string, mend: string, part: string, key: string}> */
    private function aside(string $page): array
    {
        $props = json_decode((string) json_encode($this->get($page)->assertOk()->viewData('page')['props']), true);

        return array_values(array_filter(
            $props['aside'] ?? $props['answer']['aside'], static fn (array $one): bool => $one['part'] === 'made_up',
        ));
    }

    public function test_weather_that_was_made_up_among_readings_of_a_real_water_is_told_and_taken_out(): void
    {
        $spot = $this->water->spots()->create(['user_id' => $this->angler->id, 'name' => 'Ledge', 'depth_m' => 8.0]);
        $this->put("/spots/{$spot->id}/here")->assertSessionHasNoErrors();
        $taken = $this->madeUp(now()->subMinutes(40));
        $this->putJson('/readings', ['readings' => [...$taken, 'temp' => '40 °F']])->assertOk();
        [$told] = $this->aside('/lure');
        self::assertStringContainsString(str_replace("\u{A0}", ' ', $taken['wind']), str_replace("\u{A0}", ' ', $told['words']));
        self::assertStringContainsString('made-up forecast', $told['words']);
        $this->post('/mend', ['part' => $told['part'], 'key' => $told['key']])->assertSessionHasNoErrors();
        self::assertSame([], $this->aside('/lure'));
        $names = $this->angler->readings()->pluck('name')->all();
        self::assertSame([], array_intersect(array_keys($taken), $names));
        self::assertContains('temp', $names, 'what was read stays');
    }

    public function test_weather_that_was_read_is_not_taken_for_made_up(): void
    {
        $spot = $this->water->spots()->create(['user_id' => $this->angler->id, 'name' => 'Ledge', 'depth_m' => 8.0]);
        $this->put("/spots/{$spot->id}/here")->assertSessionHasNoErrors();
        $made = $this->madeUp(now()->subMinutes(40));
        // A sky and a wind that no minute of the day before had with this wind, gust and air, and an hour whose like none had.
        $alike = static fn (array $one): string => "{$one['wind']}, {$one['gust']}, {$one['air']}";
        $day = [];
        for ($minutes = 0; $minutes <= 26 * 60; $minutes++) {
            $then = $this->madeUp(now()->subMinutes($minutes));
            $day[$alike($then)][] = $then;
        }
        $known = $day[$alike($made)];
        $cloud = array_values(array_diff(array_column(Cloud::cases(), 'value'), array_column($known, 'cloud')))[0];
        $from = array_values(array_diff(array_column(WindFrom::cases(), 'value'), array_column($known, 'wind_from')))[0];
        $days = 9;
        while (isset($day[$alike($this->madeUp(now()->subDays($days)))])) {
            $days++;
        }
        foreach ([['air' => '-30 °F'], ['gust' => '60 mph'], ['cloud' => $cloud, 'wind_from' => $from]] as $other) {
            $this->putJson('/readings', ['readings' => [...$made, ...$other]])->assertOk();
            self::assertSame([], $this->aside('/lure'));
        }
        // Of another hour than the day before it was kept, or of the demo's waters, it is none either.
        $this->putJson('/readings', ['readings' => $this->madeUp(now()->subDays($days))])->assertOk();
        self::assertSame([], $this->aside('/lure'));
        $this->putJson('/readings', ['readings' => $made])->assertOk();
        self::assertCount(1, $this->aside('/lure'));
        $this->angler->update(['email' => config('eskith.demo_email')]);
        self::assertSame([], $this->aside('/lure'), 'a water of the demo');
    }

    public function test_all_of_it_is_known_again_also_where_the_wind_turned_or_the_sky_changed_between_two_minutes(): void
    {
        $spot = $this->water->spots()->create(['user_id' => $this->angler->id, 'name' => 'Ledge', 'depth_m' => 8.0]);
        $missed = [];
        for ($i = 0; $i < 120; $i++) {
            $at = Carbon::parse('2026-03-01 05:00:00')->addMinutes(97 * $i);
            $made = $this->madeUp($at, Unit::Knot);
            $found = MadeUpWeather::among($made, static fn (): Spot => $spot, $at->copy()->addHours(2));
            if (array_diff(array_keys($made), $found) !== []) {
                $missed[] = $at->toDateTimeString();
            }
        }

        self::assertSame([], $missed);
    }

    public function test_an_outing_that_began_with_made_up_weather_says_so_and_keeps_the_rest(): void
    {
        $spot = $this->water->spots()->create(['user_id' => $this->angler->id, 'name' => 'Ledge', 'depth_m' => 8.0]);
        $began = now()->subDays(200);
        $taken = [...$this->madeUp($began->copy()->subHours(2), Unit::Knot), 'temp' => "39\u{A0}°F"];
        $outing = $this->angler->outings()->create([
            'uuid' => (string) Str::uuid(), 'spot_id' => $spot->id, 'place' => 'Ledge · Slate Lake', 'readings' => $taken,
            'started_at' => $began, 'ended_at' => $began->copy()->addHours(5),
        ]);
        [$told] = $this->aside("/outings/{$outing->uuid}");
        $other = User::factory()->create();
        $this->actingAs($other)->post('/mend', ['part' => $told['part'], 'key' => $told['key']]);
        self::assertCount(6, $outing->refresh()->readings, 'nobody takes out what is another\'s');
        $this->actingAs($this->angler)->post('/mend', ['part' => $told['part'], 'key' => $told['key']])->assertSessionHasNoErrors();
        self::assertSame(['temp' => "39\u{A0}°F"], $outing->refresh()->readings);
        self::assertSame([], $this->aside("/outings/{$outing->uuid}"));
        // Whatever is kept there, the page stands.
        foreach (['null', '"wind"', '{"wind":["9 mph"],"gust":{},"air":7}'] as $kept) {
            DB::table('outings')->where('id', $outing->id)->update(['readings' => $kept]);
            self::assertSame([], $this->aside("/outings/{$outing->uuid}"));
        }
    }
}
