<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\FeedKeeper;
use App\Instruments\SimulatedBoat;
use App\Models\Feed;
use App\Models\Measurement;
use App\Models\Reading;
use App\Models\Spot;
use App\Models\User;
use Eskith\Telling\Enums\Source;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

final class WaterTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private string $pick;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->pick = $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->sole()->id.'.middle.low_hop';
    }

    public function test_the_station_leads_with_the_drop_and_its_parts_have_addresses(): void
    {
        $this->get('/water?view=chart')->assertInertia(fn (AssertableInertia $page) => $page->component('Water')->where('view', 'chart')
            ->where(
                'answer.chosen.drop.spoken', "The white half-ounce blade leans 16° and is down in 9\u{A0}s",
            )->has('answer.readings', count(\Eskith\Core\Choosing\Reading::cases())));
        $this->get('/water?view=nonsense')->assertInertia(fn (AssertableInertia $page) => $page->where('view', 'readings'));
        $this->get('/water?depth=400+m')->assertOk()->assertInertia(
            fn (AssertableInertia $page) => $page->where('trouble', fn (string $words) => str_contains($words, 'Depth must lie between')),
        );
    }

    public function test_a_spot_brings_its_depth_and_bottom_and_can_be_kept(): void
    {
        $this->post('/spots', ['water' => 'Made-up lake', 'spot' => 'The bar'])->assertSessionHasNoErrors();
        $this->post('/spots', ['water' => 'Made-up lake', 'spot' => 'The bar']);
        $spot = Spot::query()->sole();
        self::assertEqualsWithDelta(7.92, $spot->depth_m, 0.01);
        $this->putJson('/readings', ['readings' => ['depth' => '10 ft', 'bottom' => 'mud']]);
        $this->put("/spots/{$spot->id}/here");

        $answer = $this->getJson('/answer')->json();
        self::assertSame(
            ['26 ft', 'rock to sand', 'known of the spot'],
            [$answer['readings']['depth']['shown'], $answer['readings']['bottom']['shown'], $answer['readings']['depth']['sourceWords']],
        );
        self::assertSame('The bar · Made-up lake', $answer['column']['place']);
        $this->post('/spots', ['water' => '', 'spot' => ''])->assertSessionHasErrors(
            ['water' => 'Give the water a name.', 'spot' => 'Give the spot a name.'],
        );
        $this->actingAs($this->angler())->put("/spots/{$spot->id}/here")->assertNotFound();
    }

    public function test_the_chart_frames_today_and_agrees_with_the_drop(): void
    {
        foreach (['drift', 'line'] as $across) {
            foreach (['box', 'series'] as $of) {
                $chart = $this->getJson("/chart?across={$across}&of={$of}")->assertOk()->json();
                $here = array_merge(
                    ...array_map(
                        static fn (array $row): array => array_values(
                            array_filter($row['cells'], static fn (array $cell): bool => $cell['here']),
                        ),
                        $chart['rows'],
                    ),
                );
                self::assertCount(1, $here, "{$across} {$of}");
                self::assertSame([$across, $of], [$chart['across'], $chart['of']]);
                self::assertCount(count($chart['columns']), $chart['rows'][0]['cells']);
            }
        }
        $chart = $this->getJson('/chart?across=drift&of=box')->json();
        self::assertContains("0.3\u{A0}mph", $chart['columns']);
        self::assertSame('Here the half-ounce is the lightest that stays straight down', $chart['sentence']);
        foreach ($chart['rows'] as $row) {
            $masses = array_column($row['cells'], 'massKg');
            $held = array_filter($masses, is_float(...));
            self::assertSame($held, array_slice($masses, 0, count($held)), 'once none holds, none holds in more drift');
        }
        $this->putJson('/readings', ['readings' => ['drift' => '3 mph']]);
        self::assertSame("Nothing here stays straight down at today's readings", $this->getJson('/chart')->json('sentence'));
    }

    public function test_a_cast_with_the_bail_closed_swings_in_and_open_falls_straight(): void
    {
        $closed = $this->getJson("/cast?pick={$this->pick}&length=80+ft&bail=closed")->assertOk()->json();
        $open = $this->getJson("/cast?pick={$this->pick}&length=80+ft&bail=open")->json();

        self::assertSame("Bail closed: cast 4.3\u{A0}ft past the fish", $closed['aim']);
        self::assertLessThan($closed['lengthM'], end($closed['path'])['x']);
        self::assertEqualsWithDelta(0, end($closed['path'])['h'], 0.001);
        self::assertStringContainsString('past the fish', $open['aim'], 'the boat drifts away from it');
        $this->getJson("/cast?pick={$this->pick}&length=20+ft")->assertStatus(422)->assertJsonPath(
            'errors.length.0',
            "A cast of 20\u{A0}ft never swings to the bottom in 26\u{A0}ft. Cast farther, or fish it straight down.",
        );
        $this->getJson("/cast?pick={$this->pick}&length=far")->assertStatus(422);
        $this->getJson('/cast?pick=999.middle.low_hop&length=80+ft')->assertStatus(422)->assertJsonPath(
            'message', 'That lure is no longer in your box. Choose another.',
        );
    }

    public function test_a_cast_is_worked_back_by_the_pull_and_time_of_its_own_cadence(): void
    {
        [$lure, $hole] = explode('.', $this->pick);
        $work = fn (string $cadence): string => str_replace(
            "\u{A0}", ' ',
            $this->getJson("/cast?pick={$lure}.{$hole}.{$cadence}&length=80+ft&bail=closed")->assertOk()->json('work'),
        );
        self::assertMatchesRegularExpression('/^Low hop, 4 in and 2\.\d s each: \d{3} times, /', $work('low_hop'));
        preg_match('/each: (\d+) times/', $work('clock_sweep'), $sweeps);
        preg_match('/each: (\d+) times/', $work('low_hop'), $hops);
        // 1.2 m a pull and 0.09 m.
        self::assertEqualsWithDelta(1.2 / 0.09, (int) $hops[1] / (int) $sweeps[1], 1.0);
        self::assertSame('Slow roll: reeled in without a stop, so there are no repeats to count.', $work('slow_roll'));
        self::assertSame('', $work('juggle'));
        $this->putJson('/readings', ['readings' => ['depth' => '9 ft']]);
        self::assertStringStartsWith('A steady lift lifts 11 ft', $work('steady_lift'));
    }

    public function test_a_leaning_line_tells_the_drift_and_what_to_do(): void
    {
        $now = abs($this->getJson("/answer?pick={$this->pick}")->json('chosen.drop.angleDeg'));
        $same = $this->getJson("/angle-fix?pick={$this->pick}&angle={$now}")->assertOk()->json();
        self::assertSame(
            ['drift', "0.3\u{A0}mph", ['It is straight enough down as it is.']],
            [array_key_first($same['texts']), reset($same['texts']), $same['ways']],
        );

        $steep = $this->getJson("/angle-fix?pick={$this->pick}&angle=40")->json();
        self::assertStringContainsString('40° on the white half-ounce blade means', $steep['headline']);
        self::assertStringContainsString('Nothing you own stays straight down. It would take', $steep['ways'][0]);
        self::assertStringContainsString('Or slow the boat to', $steep['ways'][1]);
        $this->getJson("/angle-fix?pick={$this->pick}&angle=89")->assertStatus(422)->assertJsonPath(
            'message', 'Read a line angle between −85° and 85°.',
        );
    }

    public function test_a_second_drop_says_what_it_does_otherwise(): void
    {
        $light = $this->getJson("/ghost?pick={$this->pick}&weight=1/4+oz")->assertOk()->json();
        self::assertSame("¼\u{A0}oz blade, middle hole, 0.22\u{A0}mm line", $light['title']);
        self::assertMatchesRegularExpression('/^Leans \d+°, \d+° more\.$/', $light['differences'][0]);
        $steep = $this->getJson("/ghost?pick={$this->pick}&hole=back")->json();
        self::assertStringContainsString('steeper', implode(' ', $steep['differences']));
        self::assertSame(['No difference that you would notice.'], $this->getJson("/ghost?pick={$this->pick}")->json('differences'));
        $this->getJson("/ghost?pick={$this->pick}&weight=0+g")->assertStatus(422)->assertJsonPath(
            'message', 'A lure weighs more than 0.',
        );
        $this->getJson("/ghost?pick={$this->pick}&line=9+mm")->assertStatus(422);
        $this->getJson("/ghost?pick={$this->pick}&hole=fifth")->assertStatus(422);
    }

    public function test_a_flow_that_lifts_the_lure_off_says_so_in_words(): void
    {
        $this->putJson('/readings', ['readings' => ['drift' => '5 mph', 'depth' => '120 ft']]);
        $drop = $this->getJson("/answer?pick={$this->pick}")->json('chosen.drop');

        self::assertSame([[], null, '–'], [$drop['line'], $drop['angleDeg'], $drop['lineOutText']]);
        self::assertStringContainsString('is lifted off the bottom', $drop['spoken']);
        self::assertStringContainsString('No length of line reaches down', $drop['words']);
    }

    public function test_a_timed_drop_takes_the_place_of_the_estimate_until_it_is_taken_away(): void
    {
        $before = $this->getJson('/answer')->json('chosen.drop');
        $sent = ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'pick' => $this->pick, 'seconds' => '11 s'];
        $this->post('/measurements', $sent)->assertSessionHasNoErrors();
        $this->post('/measurements', $sent)->assertSessionHasNoErrors();
        self::assertSame(1, Measurement::query()->count());

        $after = $this->getJson("/answer?pick={$this->pick}")->json('chosen.drop');
        self::assertEqualsWithDelta(11.0, $after['seconds'], 0.01);
        self::assertStringContainsString('timed drop', $after['basis']);
        $this->get('/water')->assertInertia(fn (AssertableInertia $page) => $page->has('measurements', 1)
            ->where('measurements.0.method', "timed over 26\u{A0}ft in 11 s")->where(
                'measurements.0.estimate',
                fn (string $words) => str_starts_with($words, 'estimate '),
            ));
        $this->delete('/measurements/'.$sent['uuid']);
        self::assertSame($before, $this->getJson('/answer')->json('chosen.drop'));
    }

    public function test_of_several_timed_drops_the_mean_counts(): void
    {
        foreach (['9 s', '13 s', '12 s'] as $seconds) {
            $this->post(
                '/measurements',
                ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'pick' => $this->pick, 'seconds' => $seconds],
            )->assertSessionHasNoErrors();
        }
        $drags = Measurement::query()->pluck('value')->all();
        $id = (int) explode('.', $this->pick)[0];

        self::assertCount(3, array_unique($drags));
        self::assertEqualsWithDelta(array_sum($drags) / 3, \App\Rows\CalibrationReader::of($this->angler)->drag($id)['middle'], 1e-9);
    }

    public function test_the_chart_goes_the_way_the_boat_goes(): void
    {
        $here = function (string $drift): string {
            $this->putJson('/readings', ['readings' => ['flow' => 'river', 'current' => '0.5 m/s', 'drift' => $drift]]);

            return collect($this->getJson('/chart')->json('rows'))->flatMap(
                static fn (array $row): array => $row['cells'],
            )->firstWhere('here', true)['words'];
        };

        self::assertNotSame($here('0.4 m/s'), $here('-0.4 m/s'), 'with the current hardly anything passes the line, against it much does');
        $drifts = array_map(floatval(...), $this->getJson('/chart')->json('columnTexts'));
        self::assertLessThan(0, min($drifts));
        self::assertLessThanOrEqual(0, max($drifts), 'all of them against it');
    }

    public function test_hang_readings_find_the_balance_point_and_parallel_ones_are_said(): void
    {
        $hang = function (string $hole, string $angle): string {
            [$id] = explode('.', $this->pick);
            $this->post(
                '/measurements',
                ['uuid' => (string) Str::uuid(), 'kind' => 'hang', 'pick' => "{$id}.{$hole}.low_hop", 'angle' => $angle],
            )->assertSessionHasNoErrors();

            return (string) session('said');
        };
        self::assertStringContainsString('at least two holes', $hang('front', '-3°'));
        self::assertStringContainsString('too much alike', $hang('middle', '0°'));
        self::assertMatchesRegularExpression(
            '/^Kept. The balance point is [\d.]+ mm from the nose, [\d.]+ mm up\. The readings miss it by [\d.]+ mm\.$/',
            $hang('back', '64°'),
        );
    }

    public function test_a_measured_drift_is_used_and_so_is_its_share_of_the_wind(): void
    {
        $this->putJson('/readings', ['readings' => ['wind' => '4 m/s']]);
        $this->post(
            '/measurements', ['uuid' => (string) Str::uuid(), 'kind' => 'drift', 'distance' => '20 m', 'seconds' => '100 s'],
        )->assertSessionHasNoErrors();

        self::assertSame('0.45 mph', $this->getJson('/answer')->json('readings.drift.shown'));
        $later = $this->putJson(
            '/readings', ['readings' => ['drift' => null, 'lies' => 'drifting', 'wind' => '8 m/s']],
        )->json('readings.drift');
        self::assertSame(["0.89\u{A0}mph", 'from the wind, by your measured drift'], [$later['shown'], $later['sourceWords']]);
    }

    public function test_a_drift_in_hardly_any_wind_says_nothing_of_the_wind(): void
    {
        foreach (['0.4 m/s' => 0, '0.5 m/s' => 1] as $wind => $kept) {
            $this->putJson('/readings', ['readings' => ['wind' => $wind]]);
            $this->post(
                '/measurements', ['uuid' => (string) Str::uuid(), 'kind' => 'drift', 'distance' => '20 m', 'seconds' => '100 s'],
            )->assertSessionHasNoErrors();
            self::assertSame($kept, Measurement::query()->where('kind', 'drift')->count(), $wind);
        }
        self::assertSame('0.45 mph', $this->getJson('/answer')->json('readings.drift.shown'), 'it is today\'s drift all the same');
    }

    public function test_bad_measurements_say_why(): void
    {
        $send = fn (array $what) => $this->post('/measurements', ['uuid' => (string) Str::uuid(), 'pick' => $this->pick, ...$what]);
        $send(['kind' => 'drop', 'seconds' => '0.2 s'])->assertSessionHasErrors('seconds');
        $send(['kind' => 'drop', 'seconds' => 'soon'])->assertSessionHasErrors(
            ['seconds' => '"soon" can\'t be read as a time. Type it like 9 s or 2 min.'],
        );
        $send(['kind' => 'hang', 'angle' => '400°'])->assertSessionHasErrors(['angle' => 'A hang angle lies between −180° and 180°.']);
        $send(['kind' => 'drift', 'seconds' => '9 s', 'distance' => '-2 m'])->assertSessionHasErrors(
            ['distance' => 'The distance must be more than 0 and at most 5 km.'],
        );
        $send(['kind' => 'hang'])->assertSessionHasErrors(['angle' => 'Say at which angle it hangs, such as 35°.']);
        self::assertSame(0, Measurement::query()->count());
    }

    public function test_another_anglers_measurement_does_not_exist(): void
    {
        $this->post(
            '/measurements',
            $sent = ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'pick' => $this->pick, 'seconds' => '11 s'],
        );
        $this->actingAs($this->angler())->delete('/measurements/'.$sent['uuid'])->assertNotFound();
        self::assertSame(1, Measurement::query()->count());
    }

    public function test_instruments_fill_readings_but_never_what_is_pinned(): void
    {
        $this->putJson('/readings/pin', ['name' => 'depth', 'pinned' => true])->assertOk()->assertJsonPath('readings.depth.pinned', true);
        $keeper = new FeedKeeper($this->angler, 'boat:10110');
        for ($second = 0; $second < 30; $second++) {
            foreach (SimulatedBoat::says($second) as $line) {
                $keeper->take("{$line}\r\nnoise {$second}\r\n", (float) $second);
            }
        }
        $answer = $this->getJson('/answer')->json();

        self::assertSame(['26 ft', 'measured'], [$answer['readings']['depth']['shown'], $answer['readings']['depth']['source']]);
        self::assertSame(
            ["37\u{A0}°F", 'instrument', false],
            [$answer['readings']['temp']['shown'], $answer['readings']['temp']['source'], $answer['readings']['temp']['stale']],
        );
        self::assertTrue($answer['feed']['live']);
        self::assertGreaterThan(100, Feed::query()->sole()->dropped);

        $this->travel(2)->minutes();
        $later = $this->getJson('/answer')->json();
        self::assertTrue($later['readings']['temp']['stale']);
        self::assertFalse($later['readings']['depth']['stale']);
        self::assertFalse($later['feed']['live']);
        self::assertStringContainsString('silent', $later['feed']['words']);
    }

    public function test_instruments_write_at_most_once_a_second(): void
    {
        $keeper = new FeedKeeper($this->angler, 'boat:10110');
        \DB::enableQueryLog();
        for ($i = 0; $i < 50; $i++) {
            $keeper->take(SimulatedBoat::says($i)[1]."\r\n", $i / 50);
        }

        self::assertLessThan(8, count(\DB::getQueryLog()));
        self::assertSame(Source::Instrument, Reading::query()->where('name', 'temp')->sole()->source);
    }

    public function test_ten_minutes_of_instruments_leave_no_memory_behind(): void
    {
        $keeper = new FeedKeeper($this->angler, 'boat:10110');
        $memory = 0;
        for ($second = 0; $second < 600; $second++) {
            $lines = [...SimulatedBoat::says($second), ...array_slice(SimulatedBoat::says($second), 0, 4)];
            foreach ($lines as $place => $line) {
                $keeper->take(
                    ($second * 10 + $place) % 20 === 0 ? "\x00\xffgarbage,{$place}\r\n{$line}\r\n" : "{$line}\r\n",
                    $second + $place / 10,
                );
            }
            $memory = $second === 60 ? memory_get_usage() : $memory;
        }

        self::assertEqualsWithDelta(6000, Feed::query()->sole()->heard, 15, 'as of the last second that was written down');
        self::assertSame(300, Feed::query()->sole()->dropped);
        self::assertLessThan(1_000_000, memory_get_usage() - $memory);
    }

    public function test_the_signs_are_read_in_words(): void
    {
        $signs = $this->putJson('/readings', ['readings' => ['weed' => 'dying', 'birds' => 'yes']])->json('signs');

        self::assertSame(
            [
                'Dying weed lets fish go: they gather on the first breaks outside it.',
                'Working birds mean active fish: set them to active, and look higher up.',
            ],
            $signs,
        );
    }

    public function test_only_what_is_read_can_be_pinned(): void
    {
        $this->putJson(
            '/readings/pin', ['name' => 'surface', 'pinned' => true],
        )->assertStatus(422)->assertJsonPath('message', 'There is no reading to pin yet.');
        $this->putJson('/readings/pin', ['name' => 'moon', 'pinned' => true])->assertStatus(422);
    }
}
