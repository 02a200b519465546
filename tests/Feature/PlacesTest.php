<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Enums\MarkKind;
use App\Models\Mark;
use App\Models\Outing;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Readings\ReadingBook;
use Eskith\Core\Formats\Gpx;
use Eskith\Core\Formats\PlacesFile;
use Eskith\Core\Formats\Track;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Places through HTTP: the chart, sections, marks, soundings and files, waters joined and shared. */
final class PlacesTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Water $water;

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        $this->angler = $this->withWater();
        $this->water = $this->angler->waters()->sole();
    }

    private function withWater(): User
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->post('/spots', ['water' => 'Long tarn', 'spot' => 'Bar']);
        $angler->waters()->update(['latitude' => 61.0, 'longitude' => -7.0]);

        return $angler;
    }

    /** A wall that falls from 3 m to 15 m to the east, with a ledge at 7 m. */
    private static function wall(float $x): float
    {
        return match (true) {
            $x < 0 => 3.0,
            $x < 4 => 3 + $x,
            $x < 7 => 7.0,
            $x < 15 => 7 + ($x - 7),
            default => 15.0,
        };
    }

    private function sounded(?Water $water = null): void
    {
        $soundings = [];
        for ($x = -20; $x <= 32; $x++) {
            for ($y = 0; $y <= 40; $y += 8) {
                $soundings[] = ['x' => $x, 'y' => $y, 'depth' => self::wall($x).' m'];
            }
        }
        foreach (array_chunk($soundings, 200) as $some) {
            $this->post('/waters/'.($water ?? $this->water)->id.'/soundings', ['uuid' => (string) Str::uuid(), 'soundings' => $some])
                ->assertSessionHasNoErrors();
        }
    }

    public function test_the_page_opens_with_nothing_sounded_and_says_what_to_do(): void
    {
        $this->get('/places')->assertInertia(fn (Page $page) => $page->component('Places')
            ->where('ground', null)->where('headline', "Nothing of {$this->water->name} is sounded yet")->where('water.id', $this->water->id));
        $this->angler->waters()->get()->each->delete();
        $this->get('/places')->assertInertia(fn (Page $page) => $page->where('water', null)->where('headline', 'No water is kept yet'));
    }

    public function test_soundings_by_hand_make_a_chart_with_its_wall_and_ledge_found(): void
    {
        $this->sounded();
        $this->get('/places')->assertInertia(function (Page $page): void {
            $props = $page->toArray()['props'];
            self::assertEqualsWithDelta(3.0, $props['ground']['shallowM'], 0.01);
            self::assertEqualsWithDelta(15.0, $props['ground']['deepM'], 0.01);
            self::assertCount($props['ground']['columns'] * $props['ground']['rows'], $props['ground']['depths']);
            self::assertCount(1, $props['ground']['known']);
            self::assertGreaterThan(5, count($props['ground']['lines']));
            $titles = implode('; ', array_column($props['looks'], 'title'));
            self::assertStringContainsString('Wall', $titles);
            self::assertStringContainsString('Ledge at 23', $titles);
            self::assertStringStartsWith('Look first at the ledge at 23', $props['headline']);
        });
    }

    public function test_depths_are_as_the_water_stands_now_and_soundings_are_reduced_by_the_level_then(): void
    {
        $this->put("/waters/{$this->water->id}/level", ['level' => '-1 m'])->assertSessionHasNoErrors();
        $this->sounded();
        self::assertEqualsWithDelta(4.0, DB::table('soundings')->min('depth_m'), 0.001, 'read at 3 m with the water 1 m down');
        $deep = fn (): float => $this->get('/places')->inertiaProps('ground')['deepM'];
        self::assertEqualsWithDelta(15.0, $deep(), 0.01);
        $this->put("/waters/{$this->water->id}/level", ['level' => '2 ft up']);
        self::assertEqualsWithDelta(16.0 + 0.61, $deep(), 0.01);
        $this->put("/waters/{$this->water->id}/level", ['level' => 'rather low'])->assertSessionHasErrors('level');
        $this->put("/waters/{$this->water->id}/level", ['level' => '']);
        self::assertNull($this->water->refresh()->level_m);
    }

    public function test_a_section_tells_its_slope_and_ledge_and_can_be_fished(): void
    {
        $this->sounded();
        $section = $this->getJson("/places/{$this->water->id}/section?line=-15,16;28,16")->assertOk()->json();
        self::assertStringStartsWith('It drops 39', $section['sentence']);
        self::assertStringContainsString('steepest 45°, one ledge', $section['words']);
        self::assertEqualsWithDelta(7.0, $section['ledges'][0]['depthM'], 0.05);
        self::assertEqualsWithDelta(43.0, $section['standM'], 0.1, 'the deep end is where one stands');
        // From 43 m along, the ledge at 20.5 m lies 22.5 m off: √(22.5² + 7²) of line.
        self::assertEqualsWithDelta(20.5 - (sqrt(22.5 ** 2 + 49) - 22.5), $section['ledges'][0]['aimAlongM'], 0.3);

        $uuid = (string) Str::uuid();
        $this->post("/places/{$this->water->id}/section", ['line' => '-15,16;28,16', 'uuid' => $uuid])->assertRedirect('/work?view=plans');
        $this->post("/places/{$this->water->id}/section", ['line' => '-15,16;28,16', 'uuid' => $uuid])->assertRedirect('/work?view=plans');
        $book = ReadingBook::of($this->angler);
        self::assertSame('49 ft', $book->text('depth'));
        self::assertSame('yes', $book->text('wall'));
        self::assertSame(["23\u{00A0}ft"], $this->angler->plans()->get()->map(static fn ($plan): string => $plan->fields['depths'])->all());
        $this->get('/work?view=plans')->assertOk();
    }

    public function test_a_line_that_is_none_is_refused_in_a_sentence_and_the_page_opens_all_the_same(): void
    {
        $this->getJson("/places/{$this->water->id}/section?line=0,0;9,9")->assertStatus(422);
        $this->sounded();
        foreach (['', '0,0', 'a,b;c,d', '0,0;0,0', '0,0;999999,0', str_repeat('0,0;', 60).'1,1', '1e9,0;0,0'] as $line) {
            $this->getJson("/places/{$this->water->id}/section?".http_build_query(['line' => $line]))->assertStatus(422)->assertJsonPath(
                'message', static fn (string $words): bool => str_ends_with($words, '.'),
            );
            $this->get("/places/{$this->water->id}?".http_build_query(['line' => $line]))->assertOk();
        }
        $this->post("/places/{$this->water->id}/section", ['line' => '500,500;600,600', 'uuid' => (string) Str::uuid()])->assertSessionHasErrors('line');
    }

    public function test_marks_are_laid_mended_and_taken_away(): void
    {
        $uuid = (string) Str::uuid();
        $fields = ['uuid' => $uuid, 'kind' => 'snag', 'x' => 12.5, 'y' => -3, 'depth' => '20 ft', 'side' => 'shaded side', 'note' => 'crib'];
        $this->post("/waters/{$this->water->id}/marks", $fields)->assertSessionHasNoErrors();
        $this->post("/waters/{$this->water->id}/marks", $fields);
        $mark = Mark::query()->sole();
        self::assertEqualsWithDelta(6.096, $mark->depth_m, 1e-6);
        $this->put("/marks/{$uuid}", [...$fields, 'kind' => 'fish', 'x' => 13])->assertSessionHasNoErrors();
        self::assertSame([MarkKind::Fish, 13.0], [$mark->refresh()->kind, $mark->east_m]);
        foreach (['kind' => 'whale', 'x' => 'east', 'depth' => '-4 m', 'bottom' => 'cheese', 'note' => str_repeat('x', 301)] as $field => $bad) {
            $this->put("/marks/{$uuid}", [...$fields, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->delete("/marks/{$uuid}");
        self::assertSame(0, Mark::query()->count());
    }

    public function test_lines_are_drawn_and_old_weed_is_told_as_old(): void
    {
        foreach (['weed', 'wall'] as $kind) {
            $this->post("/waters/{$this->water->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'line' => '0,0;10,5'])
                ->assertSessionHasNoErrors();
        }
        $this->travel(45)->days();
        $edges = collect($this->get('/places')->inertiaProps('edges'))->keyBy('kind');
        self::assertTrue($edges['weed']['old']);
        self::assertFalse($edges['wall']['old']);
        $this->post("/waters/{$this->water->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => 'fence', 'line' => '0,0;10,5'])
            ->assertSessionHasErrors('kind');
        $this->delete("/edges/{$edges['weed']['uuid']}");
        self::assertSame(1, $this->angler->edges()->count());
    }

    public function test_a_mark_gives_its_depth_and_bottom_and_a_wall_its_casts(): void
    {
        $uuid = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/marks", ['uuid' => $uuid, 'kind' => 'rock', 'x' => 1, 'y' => 2]);
        $this->put("/marks/{$uuid}/here")->assertSessionHasErrors('depth');
        $this->put("/marks/{$uuid}", ['uuid' => $uuid, 'kind' => 'rock', 'x' => 1, 'y' => 2, 'depth' => '31 ft', 'bottom' => 'mud']);
        $this->put("/marks/{$uuid}/here")->assertSessionHasNoErrors();
        self::assertSame(['31 ft', 'mud'], array_map(ReadingBook::of($this->angler)->text(...), ['depth', 'bottom']));

        $edge = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/edges", ['uuid' => $edge, 'kind' => 'wall', 'name' => 'Dam', 'line' => '100,0;130,0;130,20']);
        $plan = (string) Str::uuid();
        $this->post("/edges/{$edge}/plan", ['uuid' => $plan])->assertRedirect('/work?view=plans');
        $this->post("/edges/{$edge}/plan", ['uuid' => $plan]);
        $laid = $this->get('/work?view=plans')->inertiaProps('plans');
        self::assertCount(1, $laid);
        // 50 m of wall, 6 ft apart: at most so many and one for each corner and end.
        self::assertNull($laid[0]['refused']);
        self::assertGreaterThanOrEqual(28, $laid[0]['total']);
        self::assertLessThanOrEqual(31, $laid[0]['total']);
    }

    public function test_one_tap_on_the_water_marks_where_the_boat_was(): void
    {
        $this->travelTo(now()->startOfMinute());
        $spot = $this->angler->spots()->sole();
        $this->put("/spots/{$spot->id}/here");
        $this->post('/outings', ['uuid' => (string) Str::uuid()]);
        $outing = Outing::query()->sole();
        $tap = fn (string $kind): array => $this->postJson("/outings/{$outing->uuid}/taps", ['taps' => [
            ['uuid' => (string) Str::uuid(), 'do' => 'mark', 'kind' => $kind, 'at' => now()->toIso8601String()],
        ]])->assertOk()->json();
        self::assertStringContainsString('not on the chart yet', $tap('patch')['refused'][0]['why']);
        $spot->update(['east_m' => 40.0, 'north_m' => 0.0]);
        self::assertSame([], $tap('patch')['refused']);
        self::assertSame([true, 40.0], [Mark::query()->sole()->about, Mark::query()->sole()->east_m]);
        $this->angler->feed()->create([
            'address' => 'x', 'seen_at' => now(), 'fix_at' => now()->subSeconds(4), 'latitude' => 61.001, 'longitude' => -7.0,
        ]);
        $this->actingAs($this->angler->refresh()->unsetRelations());
        $told = $tap('snag');
        self::assertSame(['snag', 'patch of fish'], array_column($told['outing']['marks'], 'word'));
        $snag = Mark::query()->where('kind', 'snag')->sole();
        self::assertSame([false, $outing->id], [$snag->about, $snag->outing_id]);
        self::assertEqualsWithDelta(111.4, $snag->north_m, 0.5);
        self::assertSame('Choose what the mark is.', $this->postJson("/outings/{$outing->uuid}/taps", ['taps' => [
            ['uuid' => (string) Str::uuid(), 'do' => 'mark', 'kind' => 'whale'],
        ]])->json('refused.0.why'));
        $this->get('/fish')->assertOk();
    }

    public function test_the_lee_is_told_once_shores_and_the_wind_are_known(): void
    {
        $this->sounded();
        $this->post("/waters/{$this->water->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => 'shore', 'line' => '-40,60;60,60']);
        self::assertSame([], $this->get('/places')->inertiaProps('edges')[0]['lee']);
        foreach (['n' => 1, 's' => 0] as $from => $pieces) {
            ReadingBook::keep($this->angler, ['wind_from' => $from]);
            self::assertCount($pieces, $this->get('/places')->inertiaProps('edges')[0]['lee'], $from);
        }
        self::assertSame(180, $this->get('/places')->inertiaProps('wind')['fromDeg']);
    }

    private function bring(string $bytes, string $name = 'places.gpx', ?Water $water = null): string
    {
        $answer = $this->post('/waters/'.($water ?? $this->water)->id.'/import', ['file' => UploadedFile::fake()->createWithContent($name, $bytes)]);
        $lines = array_filter(explode("\n", $answer->streamedContent()));
        $last = json_decode((string) end($lines), true);
        self::assertIsArray($last);

        return $last['said'] ?? $last['trouble'] ?? self::fail('it says nothing in the end');
    }

    /** @return array<string, mixed> */
    private function things(Water $water): array
    {
        $round = static fn (mixed $value): mixed => is_float($value) ? round($value, 1) : $value;
        $all = static fn (iterable $rows, array $columns): array => collect($rows)->map(
            static fn ($row): array => array_map($round, array_intersect_key($row->toArray(), array_flip($columns))),
        )->all();

        return [
            'spots' => $all($water->spots()->get(), ['name', 'depth_m', 'bottom', 'east_m', 'north_m', 'wall']),
            'marks' => $all($water->marks()->get(), ['kind', 'east_m', 'north_m', 'depth_m', 'bottom', 'side', 'direction', 'note', 'uuid']),
            'edges' => $all($water->edges()->get(), ['kind', 'name', 'seen_on', 'uuid']),
            'soundings' => DB::table('soundings')->join('surveys', 'surveys.id', '=', 'survey_id')->where('water_id', $water->id)
                ->orderBy('soundings.id')->get()->map(static fn ($row): array => [round($row->east_m, 1), round($row->north_m, 1), round($row->depth_m, 2)])->all(),
        ];
    }

    #[DataProvider('formats')]
    public function test_a_water_goes_out_and_comes_back_equal(string $format): void
    {
        $this->put("/waters/{$this->water->id}/level", ['level' => '-1 m']);
        $this->sounded();
        $this->water->spots()->firstOrFail()->update(['east_m' => 5.0, 'north_m' => 6.0]);
        $this->post("/waters/{$this->water->id}/marks", [
            'uuid' => (string) Str::uuid(), 'kind' => 'bottom', 'bottom' => 'mud', 'x' => 1, 'y' => 2, 'depth' => '3 m', 'note' => 'soft; very', 'side' => 'lee',
        ]);
        $this->post("/waters/{$this->water->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => 'wall', 'name' => 'Dam', 'line' => '0,0;10,5;20,30']);
        $file = $this->get("/places/{$this->water->id}.{$format}")->assertOk()->getContent();
        self::assertIsString($file);
        $things = $this->things($this->water);

        self::assertStringContainsString('not here already', $this->bring($file, "x.{$format}").'not here already');
        self::assertSame($things, $this->things($this->water), 'brought in where it is, it changes nothing');

        $other = $this->anglerOnTheLake();
        $this->actingAs($other);
        $this->post('/waters', ['name' => 'Elsewhere', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => 61.0, 'longitude' => -7.0]);
        $fresh = $other->waters()->sole();
        self::assertStringContainsString('soundings', $this->bring($file, "x.{$format}", $fresh));
        self::assertEquals($things, $this->things($fresh));
    }

    /** @return list<array{string}> */
    public static function formats(): array
    {
        return [['gpx'], ['geojson']];
    }

    public function test_a_track_is_thinned_and_its_spikes_left_out_and_the_first_lays_the_origin(): void
    {
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $track = new Track('Drift');
        for ($i = 0; $i < 600; $i++) {
            $track->add(61.5 + $i * 2e-6, -7.2, $i === 300 ? 60.0 : 8.0, 1_790_000_000.0 + $i);
        }
        $said = $this->bring(Gpx::write(new PlacesFile([], [], [$track])));
        self::assertMatchesRegularExpression('/^1\d\d soundings from 600 points, 1 spikes left out\.$/', $said);
        self::assertEqualsWithDelta(61.5, $this->water->refresh()->latitude, 1e-5);
        self::assertSame('These soundings are there already.', $this->bring(Gpx::write(new PlacesFile([], [], [$track]))));
        self::assertSame(1, $this->water->surveys()->count());
        $this->delete('/surveys/'.$this->water->surveys()->sole()->uuid);
        self::assertSame(0, DB::table('soundings')->count());
        self::assertNull($this->get('/places')->inertiaProps('ground'), 'what was cached is not shown any more');
    }

    public function test_a_sketched_water_asks_for_its_position_before_a_track(): void
    {
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $this->sounded();
        $track = new Track('Drift');
        $track->add(61.5, -7.2, 8.0);
        self::assertStringContainsString('sketched without a position', $this->bring(Gpx::write(new PlacesFile([], [], [$track]))));
        self::assertStringContainsString('soundings', $this->bring("east_m,north_m,depth_m\n100,100,5\n104,100,6\n", 'lead.csv'));
        $this->get("/places/{$this->water->id}.gpx")->assertSessionHasErrors('latitude');
        $this->get('/places')->assertOk();
    }

    #[DataProvider('hostile')]
    public function test_hostile_files_are_refused_in_a_sentence_and_nothing_is_kept(string $bytes): void
    {
        self::assertMatchesRegularExpression('/^[A-Z].*\.$/u', $this->bring($bytes));
        self::assertSame([0, 0, 0], [$this->water->surveys()->count(), $this->water->marks()->count(), $this->water->edges()->count()]);
    }

    /** @return list<array{string}> */
    public static function hostile(): array
    {
        return [
            [''], ["\0\0\0"], ['<gpx'], ['{"type":'], ["lat,lon\n1,2"], ['<!DOCTYPE x [<!ENTITY a SYSTEM "file:///etc/passwd">]><gpx>&a;</gpx>'],
            [Gpx::write(new PlacesFile([], [], [self::far()]))],
        ];
    }

    private static function far(): Track
    {
        $track = new Track('Elsewhere');
        $track->add(-30.0, 100.0, 4.0);

        return $track;
    }

    public function test_what_instruments_say_is_recorded_and_stopped(): void
    {
        $this->freezeSecond();
        $keeper = new \App\Instruments\FeedKeeper($this->angler, 'boat:1');
        $this->post("/waters/{$this->water->id}/recording", ['uuid' => (string) Str::uuid()])->assertSessionHasNoErrors();
        for ($i = 0; $i < 40; $i++) {
            $minutes = 60 * (61 + $i * 4e-5 - 61);
            $sentences = [['SD', 'DPT', [$i === 20 ? '55.0' : '6.5', '0.5', '']], ['GP', 'GGA', [
                '120000', sprintf('61%07.4f', $minutes), 'N', '00700.0000', 'W', '1', '9', '0.9', '31', 'M', '', 'M', '', '',
            ]]];
            foreach ($sentences as [$talker, $kind, $fields]) {
                $keeper->take(\Eskith\Core\Formats\Nmea\Sentence::of($talker, $kind, $fields)->text()."\r\n", (float) $i);
            }
            $keeper->take('', $i + 0.5);
            $this->travel(1)->seconds();
        }
        $boat = $this->getJson("/places/{$this->water->id}/boat")->assertOk()->json();
        self::assertGreaterThan(30, $boat['recording']['count']);
        self::assertNotNull($boat['y']);
        self::assertNull($this->get('/places')->inertiaProps('ground'), 'it is on the chart once it is stopped');
        $this->delete('/recording')->assertSessionHas('said');
        $survey = $this->water->surveys()->sole();
        self::assertSame(1, $survey->spikes);
        self::assertEqualsWithDelta(38, $survey->seconds, 2);
        self::assertEqualsWithDelta(7.0, $this->get('/places')->inertiaProps('ground')['deepM'], 0.01);
        self::assertStringContainsString('spent looking', $this->get('/places')->inertiaProps('water')['looked']);

        $this->post("/waters/{$this->water->id}/recording", ['uuid' => (string) Str::uuid()]);
        $this->delete('/recording')->assertSessionHas('said', 'Nothing was heard, so nothing is kept.');
        self::assertSame(1, $this->water->surveys()->count());
    }

    public function test_back_on_a_mark_says_how_far_which_way_and_where_to_start(): void
    {
        $uuid = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/marks", ['uuid' => $uuid, 'kind' => 'patch', 'x' => 0, 'y' => 100]);
        $back = fn (): array => $this->getJson("/places/{$this->water->id}/boat?mark={$uuid}")->assertOk()->json('back');
        self::assertStringContainsString('No instruments say where you are', $back()['words']);
        $this->angler->feed()->create(['address' => 'x', 'seen_at' => Carbon::now(), 'fix_at' => Carbon::now(), 'latitude' => 61.0, 'longitude' => -7.0]);
        $this->actingAs($this->angler->refresh()->unsetRelations());
        self::assertStringContainsString("330\u{00A0}ft, bearing 0°, north", $back()['words']);
        ReadingBook::keep($this->angler, ['wind_from' => 'w', 'drift' => '0.5 m/s', 'depth' => '8 m']);
        self::assertStringContainsString('up the drift', $back()['words']);
        self::assertLessThan(0.0, $back()['startX'], 'up the drift is west, where the wind comes from');
        self::assertEqualsWithDelta(100.0, $back()['startY'], 0.01);
    }

    public function test_a_water_is_joined_with_all_that_hangs_on_it(): void
    {
        $this->sounded();
        $this->post('/waters', ['name' => 'North arm', 'kind' => 'lake', 'salt' => 'fresh', 'latitude' => 61.001, 'longitude' => -7.0]);
        $arm = $this->angler->waters()->where('name', 'North arm')->sole();
        $spot = $this->water->spots()->firstOrFail();
        $this->post("/waters/{$arm->id}/spots", ['name' => $spot->name, 'depth' => '5 m', 'bottom' => 'mud', 'wall' => false, 'x' => 3, 'y' => 4]);
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
            $this->post("/waters/{$this->water->id}/marks", ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'x' => 1, 'y' => 1, 'note' => 'mine']);
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
        self::assertSame(count($this->things($this->water)['soundings']), count($this->things($copy)['soundings']));
        $copy->marks()->update(['side' => 'changed']);
        self::assertSame(0, $this->water->marks()->where('side', 'changed')->count(), 'a copy is its own');

        $this->actingAs($this->angler)->delete("/waters/{$this->water->id}/share");
        $this->actingAs($other)->post('/waters/copy', ['code' => $code])->assertSessionHasErrors('code');
    }

    public function test_the_page_opens_whatever_is_stored(): void
    {
        $this->sounded();
        $own = ['user_id' => $this->angler->id, 'water_id' => $this->water->id];
        $survey = $this->water->surveys()->firstOrFail()->id;
        foreach ([['x', 'y', 'z'], [1e300, 0, 5], [0, 0, -1e9], [0.0, 0.0, 'deep'], [INF, 1, 1]] as [$east, $north, $depth]) {
            DB::table('soundings')->insert([
                'user_id' => $this->angler->id, 'survey_id' => $survey, 'east_m' => $east, 'north_m' => $north, 'depth_m' => $depth,
            ]);
        }
        foreach (['x', '[]', '[[1]]', '{"a":[1,2]}', '[[1,2],["x",null],[1e300,2]]', '[[0,0],[5,5]]'] as $points) {
            DB::table('edges')->insert([
                ...$own, 'uuid' => (string) Str::uuid(), 'kind' => $points === 'x' ? 'hedge' : 'shore', 'points' => $points, 'seen_on' => '2026-01-01',
            ]);
        }
        foreach (['whale', 'fish', 'bottom'] as $kind) {
            DB::table('marks')->insert([
                ...$own, 'uuid' => (string) Str::uuid(), 'kind' => $kind, 'east_m' => 1e9, 'north_m' => 'x', 'bottom' => 'cheese',
                'depth_m' => -4, 'at' => '2026-01-01 10:00:00',
            ]);
        }
        ReadingBook::keep($this->angler, ['wind_from' => 'n', 'cloud' => 'clear']);
        foreach ([
            ['latitude' => 91.0], ['latitude' => 61.0, 'longitude' => 720.0], ['longitude' => -7.0, 'tide' => '{"constituents":[1,{"speed_deg_h":"x"}]}'],
            ['tide' => 'x', 'level_m' => 1e9], ['kind' => 'sea of milk', 'level_m' => null, 'fastest_ms' => -3, 'flood_deg' => 1e9],
        ] as $columns) {
            DB::table('waters')->where('id', $this->water->id)->update(['ground' => DB::raw('ground + 1'), ...$columns]);
            foreach (['/places', "/places/{$this->water->id}?line=0,0;20,20", '/water', '/fish'] as $page) {
                $this->get($page)->assertOk();
            }
            $this->getJson("/places/{$this->water->id}/boat")->assertOk();
        }
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
            $this->put("/waters/{$tarn->id}", [...$good, 'longitude' => $field === 'latitude' ? '3' : '', $field => $bad])->assertSessionHasErrors($field);
        }
        $this->put("/waters/{$tarn->id}", [...$good, 'name' => $this->water->name])->assertSessionHasErrors('name');
        $this->put("/waters/{$tarn->id}", [...$good, 'kind' => 'river', 'latitude' => '61.5', 'longitude' => '-7'])->assertSessionHasNoErrors();
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
            ['GET', "/places/{$this->water->id}"], ['GET', "/places/{$this->water->id}.gpx"], ['GET', "/places/{$this->water->id}/section?line=0,0;9,9"],
            ['DELETE', "/waters/{$this->water->id}"], ['POST', "/waters/{$this->water->id}/share"], ['DELETE', "/marks/{$uuid}"],
            ['DELETE', "/surveys/{$survey}"], ['DELETE', "/spots/{$spot}"], ['GET', "/places/{$this->water->id}/boat"],
        ] as [$method, $path]) {
            $this->call($method, $path)->assertNotFound();
        }
    }

    public function test_the_hours_of_the_days_to_come_are_a_calendar_that_another_reader_takes(): void
    {
        $this->water->update(['tide' => \App\Instruments\SimulatedTides::of('Tannick harbour')]);
        $text = (string) $this->get("/places/{$this->water->id}/windows.ics")->assertOk()->getContent();
        $calendar = \Sabre\VObject\Reader::read($text);
        self::assertSame([], $calendar->validate());
        $summaries = array_map(static fn ($event): string => (string) $event->SUMMARY, iterator_to_array($calendar->select('VEVENT'), false));
        self::assertGreaterThan(40, count($summaries));
        self::assertContains("Dim light, {$this->water->name}", $summaries);
        self::assertContains("Flood runs, {$this->water->name}", $summaries);
        self::assertSame(count($summaries), count(array_unique(array_map(
            static fn ($event): string => (string) $event->UID, iterator_to_array($calendar->select('VEVENT'), false),
        ))));
    }

    public function test_today_tells_light_tide_and_a_forecast_that_says_it_is_made_up(): void
    {
        $this->water->update(['tide' => \App\Instruments\SimulatedTides::of('Tannick harbour')]);
        $this->travelTo(Carbon::parse('2026-11-25T12:00:00Z'));
        ReadingBook::keep($this->angler, ['cloud' => 'overcast']);
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
}
