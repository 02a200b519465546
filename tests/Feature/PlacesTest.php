<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Mark;
use App\Models\Outing;
use App\Readings\ReadingKeeper;
use App\Readings\TodaysReadings;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;

/** The chart of a water through HTTP: sections, marks, lines, the way back. */
final class PlacesTest extends OnWaterTestCase
{
    public function test_the_page_opens_with_nothing_sounded_and_says_what_to_do(): void
    {
        $this->get('/places')->assertInertia(fn (Page $page) => $page->component('Places')
            ->where('ground', null)->where(
                'headline', "Nothing of {$this->water->name} is sounded yet"
            )->where('water.id', $this->water->id));
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

    public function test_what_speaks_for_a_place_is_weighed_and_switched_off_like_rules(): void
    {
        $this->sounded();
        self::assertStringStartsWith('Look first at the ledge', $this->get('/places')->inertiaProps('headline'));
        // The ledge itself, and that the cold sends fish to one.
        foreach (['L3', 'L11'] as $finding) {
            $this->put("/rules/{$finding}", ['weight' => 0])->assertSessionHasNoErrors();
        }
        self::assertStringStartsNotWith('Look first at the ledge', $this->get('/places')->inertiaProps('headline'));
        $this->get('/rules')->assertInertia(fn (Page $page) => $page->where('groups.5.rules.2.today', 'off'));
        $this->put('/rules', ['on' => true]);
        self::assertStringStartsWith('Look first at the ledge', $this->get('/places')->inertiaProps('headline'));
    }

    public function test_where_to_look_and_why_are_told_as_the_water_stands(): void
    {
        $this->sounded();
        $this->post("/waters/{$this->water->id}/marks", [
            'uuid' => (string) Str::uuid(), 'kind' => 'rock', 'x' => -2, 'y' => 16, 'bottom' => 'rock',
        ])->assertSessionHasNoErrors();
        $hard = function (): array {
            $looks = array_column($this->get('/places')->inertiaProps('looks'), null, 'kind');

            return [$looks['hard']['title'], implode('; ', $looks['hard']['reasons'])];
        };
        [$title, $why] = $hard();
        self::assertSame("Hard bottom at 9.8\u{A0}ft", $title);
        self::assertStringContainsString("hard bottom with 49\u{A0}ft close by", $why);
        $this->put("/waters/{$this->water->id}/level", ['level' => '2 m up'])->assertSessionHasNoErrors();
        [$title, $why] = $hard();
        self::assertSame("Hard bottom at 16\u{A0}ft", $title);
        self::assertStringContainsString("hard bottom with 56\u{A0}ft close by", $why);
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
        // What is shown can be typed.
        self::assertStringContainsString("2\u{A0}ft above normal", $this->get('/places')->inertiaProps('under'));
        foreach (['2 ft above normal' => 2, '2 ft below normal' => -2, '2 ft below' => -2, '-2 ft' => -2] as $typed => $feet) {
            $this->put("/waters/{$this->water->id}/level", ['level' => $typed])->assertSessionHasNoErrors();
            self::assertEqualsWithDelta(0.3048 * $feet, $this->water->refresh()->level_m, 1e-6, $typed);
        }
        $this->put("/waters/{$this->water->id}/level", ['level' => 'rather low'])->assertSessionHasErrors('level');
        $this->put("/waters/{$this->water->id}/level", ['level' => '']);
        self::assertNull($this->water->refresh()->level_m);
    }

    public function test_a_section_tells_its_slope_and_ledge_and_can_be_fished(): void
    {
        $this->sounded();
        $section = $this->getJson("/places/{$this->water->id}/section?line=-15,16;28,16")->assertOk()->json();
        self::assertStringStartsWith('Drops 39', $section['sentence']);
        self::assertStringContainsString('steepest 45°, one ledge', $section['words']);
        self::assertEqualsWithDelta(7.0, $section['ledges'][0]['depthM'], 0.05);
        self::assertEqualsWithDelta(43.0, $section['standM'], 0.1, 'the deep end is where one stands');
        // From 43 m along, the ledge at 20.5 m lies 22.5 m off: √(22.5² + 7²) of line.
        self::assertEqualsWithDelta(20.5 - (sqrt(22.5 ** 2 + 49) - 22.5), $section['ledges'][0]['aimAlongM'], 0.3);

        $uuid = (string) Str::uuid();
        $this->post("/places/{$this->water->id}/section", ['line' => '-15,16;28,16', 'uuid' => $uuid])->assertRedirect('/work?view=plans');
        $this->post("/places/{$this->water->id}/section", ['line' => '-15,16;28,16', 'uuid' => $uuid])->assertRedirect('/work?view=plans');
        $book = TodaysReadings::of($this->angler);
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
        $this->post(
            "/places/{$this->water->id}/section", ['line' => '500,500;600,600', 'uuid' => (string) Str::uuid()]
        )->assertSessionHasErrors('line');
    }

    public function test_marks_are_laid_mended_and_taken_away(): void
    {
        $uuid = (string) Str::uuid();
        $fields = [
            'uuid' => $uuid, 'kind' => 'snag', 'x' => 12.5, 'y' => -3, 'depth' => '20 ft', 'side' => 'shaded side', 'note' => 'crib',
        ];
        $this->post("/waters/{$this->water->id}/marks", $fields)->assertSessionHasNoErrors();
        $this->post("/waters/{$this->water->id}/marks", $fields);
        $mark = Mark::query()->sole();
        self::assertEqualsWithDelta(6.096, $mark->depth_m, 1e-6);
        $this->put("/marks/{$uuid}", [...$fields, 'kind' => 'fish', 'x' => 13])->assertSessionHasNoErrors();
        self::assertSame([MarkKind::Fish, 13.0], [$mark->refresh()->kind, $mark->east_m]);
        foreach ([
            'kind' => 'whale', 'x' => 'east', 'depth' => '-4 m', 'bottom' => 'cheese', 'note' => str_repeat('x', 301),
        ] as $field => $bad) {
            $this->put("/marks/{$uuid}", [...$fields, $field => $bad])->assertSessionHasErrors($field);
        }
        $this->delete("/marks/{$uuid}");
        self::assertSame(0, Mark::query()->count());
    }

    public function test_a_position_is_typed_in_place_of_one_on_the_chart(): void
    {
        $uuid = (string) Str::uuid();
        $fields = ['uuid' => $uuid, 'kind' => 'rock', 'position' => "61°00.06' N, 7°00' W"];
        $this->post("/waters/{$this->water->id}/marks", $fields)->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(111.4, Mark::query()->sole()->north_m, 0.2);
        $spot = $this->angler->spots()->sole();
        $put = fn (string $position) => $this->put("/spots/{$spot->id}", [
            'name' => 'Bar', 'depth' => '26 ft', 'bottom' => 'mud', 'wall' => false, 'position' => $position,
        ]);
        $put('61.001, -7.0')->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(111.4, $spot->refresh()->north_m, 0.2);
        foreach (['somewhere', '95, 3', '0, 0', '61.2 E, 7 N'] as $bad) {
            $put($bad)->assertSessionHasErrors('position');
        }
        $this->water->update(['latitude' => null, 'longitude' => null]);
        $put('61.001, -7.0')->assertSessionHasErrors('position');
        self::assertEqualsWithDelta(111.4, $spot->refresh()->north_m, 0.2, 'nothing is lost');
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

    public function test_walls_and_fresh_weed_that_were_drawn_are_worth_a_look_for_bream(): void
    {
        $flat = [];
        for ($x = 0; $x <= 60; $x += 6) {
            for ($y = 0; $y <= 60; $y += 6) {
                $flat[] = ['x' => $x, 'y' => $y, 'depth' => '4 m'];
            }
        }
        $this->post("/waters/{$this->water->id}/soundings", ['uuid' => (string) Str::uuid(), 'soundings' => $flat]);
        foreach (['wall' => '10,10;30,10', 'weed' => '10,40;30,40'] as $kind => $line) {
            $this->post("/waters/{$this->water->id}/edges", ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'line' => $line]);
        }
        ReadingKeeper::of($this->angler)->keep(['species' => 'bream']);
        $titles = fn (): array => array_column($this->get('/places')->inertiaProps('looks'), 'title');
        self::assertSame(["Wall down to 13\u{00A0}ft", "Weed edge at 13\u{00A0}ft"], $titles());
        $this->travel(45)->days();
        self::assertSame(["Wall down to 13\u{00A0}ft"], $titles(), 'weed of before says nothing');
    }

    public function test_a_mark_gives_its_depth_and_bottom_and_a_wall_its_casts(): void
    {
        $uuid = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/marks", ['uuid' => $uuid, 'kind' => 'rock', 'x' => 1, 'y' => 2]);
        $this->put("/marks/{$uuid}/here")->assertSessionHasErrors('depth');
        $this->put("/marks/{$uuid}", ['uuid' => $uuid, 'kind' => 'rock', 'x' => 1, 'y' => 2, 'depth' => '31 ft', 'bottom' => 'mud']);
        $this->put("/marks/{$uuid}/here")->assertSessionHasNoErrors();
        self::assertSame(['31 ft', 'mud'], array_map(TodaysReadings::of($this->angler)->text(...), ['depth', 'bottom']));

        $edge = (string) Str::uuid();
        $this->post(
            "/waters/{$this->water->id}/edges", ['uuid' => $edge, 'kind' => 'wall', 'name' => 'Dam', 'line' => '100,0;130,0;130,20']
        );
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
        $tap = fn (string $kind): array => $this->postJson("/outings/{$outing->uuid}/taps", ['angler' => auth()->id(), 'taps' => [
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
        $tap('snag');
        $marks = $this->getJson("/outings/{$outing->uuid}/now")->assertOk()->json('outing.marks');
        self::assertSame(['snag', 'patch of fish'], array_column((array) $marks, 'word'));
        $snag = Mark::query()->where('kind', 'snag')->sole();
        self::assertSame([false, $outing->id], [$snag->about, $snag->outing_id]);
        self::assertEqualsWithDelta(111.4, $snag->north_m, 0.5);
        self::assertSame('Choose what the mark is.', $this->postJson("/outings/{$outing->uuid}/taps", ['angler' => auth()->id(), 'taps' => [
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
            ReadingKeeper::of($this->angler)->keep(['wind_from' => $from]);
            self::assertCount($pieces, $this->get('/places')->inertiaProps('edges')[0]['lee'], $from);
        }
        self::assertSame(180, $this->get('/places')->inertiaProps('wind')['fromDeg']);
    }

    public function test_back_on_a_mark_says_how_far_which_way_and_where_to_start(): void
    {
        $uuid = (string) Str::uuid();
        $this->post("/waters/{$this->water->id}/marks", ['uuid' => $uuid, 'kind' => 'patch', 'x' => 0, 'y' => 100]);
        $back = fn (): array => $this->getJson("/places/{$this->water->id}/boat?mark={$uuid}")->assertOk()->json('back');
        self::assertStringContainsString('Nothing says where you are', $back()['words']);
        $this->angler->feed()->create(
            ['address' => 'x', 'seen_at' => Carbon::now(), 'fix_at' => Carbon::now(), 'latitude' => 61.0, 'longitude' => -7.0]
        );
        $this->actingAs($this->angler->refresh()->unsetRelations());
        self::assertStringContainsString("330\u{00A0}ft, bearing 0°, north", $back()['words']);
        ReadingKeeper::of($this->angler)->keep(['wind_from' => 'w', 'drift' => '0.5 m/s', 'depth' => '8 m']);
        self::assertStringContainsString('up the drift', $back()['words']);
        self::assertLessThan(0.0, $back()['startX'], 'up the drift is west, where the wind comes from');
        self::assertEqualsWithDelta(100.0, $back()['startY'], 0.01);
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
                ...$own, 'uuid' => (string) Str::uuid(), 'kind' => $points === 'x' ? 'hedge' : 'shore',
                'points' => $points, 'seen_on' => '2026-01-01',
            ]);
        }
        foreach (['whale', 'fish', 'bottom'] as $kind) {
            DB::table('marks')->insert([
                ...$own, 'uuid' => (string) Str::uuid(), 'kind' => $kind, 'east_m' => 1e9, 'north_m' => 'x', 'bottom' => 'cheese',
                'depth_m' => -4, 'at' => '2026-01-01 10:00:00',
            ]);
        }
        ReadingKeeper::of($this->angler)->keep(['wind_from' => 'n', 'cloud' => 'clear']);
        foreach ([
            ['latitude' => 91.0], [
                'latitude' => 61.0, 'longitude' => 720.0,
            ], ['longitude' => -7.0, 'tide' => '{"constituents":[1,{"speed_deg_h":"x"}]}'],
            ['tide' => 'x', 'level_m' => 1e9], ['kind' => 'sea of milk', 'level_m' => null, 'fastest_ms' => -3, 'flood_deg' => 1e9],
        ] as $columns) {
            DB::table('waters')->where('id', $this->water->id)->update(['ground' => DB::raw('ground + 1'), ...$columns]);
            foreach (['/places', "/places/{$this->water->id}?line=0,0;20,20", '/water', '/fish'] as $page) {
                $this->get($page)->assertOk();
            }
            $this->getJson("/places/{$this->water->id}/boat")->assertOk();
        }
    }
}
