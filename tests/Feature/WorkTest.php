<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Plan;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The Work station: the cadence timed, lifts told, casts laid out and ticked off. */
final class WorkTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_one_repeat_is_timed_for_this_lure_and_water(): void
    {
        $work = $this->work('low_hop');

        self::assertSame("Low hop: 4\u{A0}in up in 0.3\u{A0}s, down on a tight line, wait 2\u{A0}s", $work['headline']);
        self::assertSame([0, 0.3], [$work['ribbon'][0]['t'], $work['ribbon'][1]['t']]);
        self::assertEqualsWithDelta(0.09, $work['ribbon'][1]['h'], 1e-9);
        self::assertEqualsWithDelta($work['liftS'] + $work['fallS'] + $work['pauseS'], end($work['ribbon'])['t'], 1e-3);
        // 9 cm by the seconds of the fall, in feet a second, is what the tip is lowered by.
        self::assertContains(
            'Lower the tip at '.round(0.09 / $work['fallS'] / 0.3048, 1)."\u{A0}ft a second to keep contact.", $work['says'],
        );
        self::assertStringStartsWith(round(60 / (2.3 + $work['fallS'])).' a minute', $work['rate']);
        self::assertSame(['fall', 'lift', 'fall'], array_column($work['bites'], 'phase'));
    }

    public function test_the_fall_school_and_the_depth_change_the_time_and_too_high_a_lift_is_refused(): void
    {
        $tight = $this->work('high_pop');
        $this->put('/settings', ['blade_fall' => 'free'])->assertSessionHasNoErrors();
        $free = $this->work('high_pop');
        self::assertLessThan($tight['fallS'], $free['fallS'], 'nothing holds it back');
        self::assertSame([], preg_grep('/Lower the tip/', $free['says']));
        $this->getJson("/work/timing?pick={$this->pick('high_pop')}&depth=2+ft")->assertStatus(422)
            ->assertJsonPath('message', 'The lift is higher than the water is deep.');
    }

    public function test_beyond_rod_and_arm_one_goes_on_with_the_reel(): void
    {
        $spoon = $this->angler->lures()->where('family', 'spoon')->sole()->id;
        $says = $this->getJson("/work/timing?pick={$spoon}..steady_lift")->assertOk()->json('says');
        // 2.1 m of rod and 1.1 m of arm; 3.4 m in 5.5 s at 0.7 m a turn: 0.9 turns a second.
        self::assertContains("Rod and arm end after 10\u{A0}ft: go on with the reel, 0.9 turns a second.", $says);
    }

    public function test_far_out_a_pull_drags_more_than_it_lifts(): void
    {
        $this->put('/readings', ['readings' => ['how' => 'cast']]);
        $says = implode(' ', $this->work('clock_sweep')['says']);
        // 25 m out over 7.9 m of water 26.2 m of line are out: 1.2 m of pull lift 0.36 m and bring it 1.14 m nearer.
        self::assertStringContainsString(
            "82\u{A0}ft out a 3.9\u{A0}ft pull lifts it 14\u{A0}in and brings it 3.8\u{A0}ft closer", $says,
        );
    }

    public function test_where_the_hour_goes_adds_up_and_a_faster_lure_saves_some(): void
    {
        $work = $this->work('low_hop');
        self::assertEqualsWithDelta(1.0, array_sum(array_column($work['hour'], 'share')), 1e-9);
        // Each drop sinks, is worked for 240 s and wound in over the depth at 1 m/s.
        self::assertStringContainsString('drops, each worked for 4 minutes', $work['hourSays']);
        $this->put('/readings', ['readings' => ['depth' => '300 ft']]);
        $deep = $this->work('low_hop');
        self::assertGreaterThan($work['hour'][0]['share'], $deep['hour'][0]['share']);
        // A fluttering spoon takes its time; any blade of that weight is down much sooner.
        $spoon = $this->angler->lures()->where('family', 'spoon')->sole()->id;
        $saves = $this->getJson("/work/timing?pick={$spoon}..flutter_drop")->json('saves');
        self::assertMatchesRegularExpression('/^With ½.oz blade, white you fish \d+.(s|min) more of each hour\.$/u', $saves[0]);
    }

    public function test_lifts_are_told_in_words_against_the_one_that_is_wanted(): void
    {
        $even = static fn (float $long): array => array_map(static fn (int $i): array => [$i * $long / 20, 0.09 * $i / 20], range(0, 20));
        $judge = fn (array $lifts): TestResponse => $this->postJson('/work/lifts', ['pick' => $this->pick('low_hop'), 'lifts' => $lifts]);
        $told = $judge([$even(0.6)])->assertOk()->json();
        self::assertStringContainsString('even', $told['said']);
        self::assertSame("4\u{A0}in in 0.3\u{A0}s", $told['wanted']);
        self::assertSame("50\u{A0}% slower than wanted", $told['against']);
        self::assertSame('', $told['together']);
        $told = $judge([$even(0.6), $even(0.6), $even(0.6)])->json();
        self::assertSame("three lifts within 1\u{A0}% of each other", $told['together']);
        $judge([[[0, 0], [1, 0]]])->assertStatus(422)->assertJsonPath(
            'message', "No lift in this recording. It takes 4 samples, 0.2 s and a rise of 2\u{A0}in.",
        );
        $judge([[['x', 0], [1, 0]]])->assertStatus(422);
        $judge([])->assertStatus(422)->assertJsonPath('message', 'Make a lift first.');
    }

    public function test_what_was_touched_is_kept_with_its_numbers_to_be_done_again(): void
    {
        $this->put('/cadences/low_hop', ['lift' => '6 in', 'seconds' => '0.5', 'pause' => '3'])->assertSessionHasNoErrors();
        $lure = $this->angler->lures()->firstOrFail()->id;
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $lure, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $this->postJson("/outings/{$this->angler->outings()->sole()->uuid}/events", ['uuid' => (string) Str::uuid(), 'kind' => 'touch']);
        $this->delete('/cadences/low_hop');
        $this->get('/work')->assertInertia(fn (Page $page) => $page->has('touched', 1)->where('touched.0.same', false)
            ->where('touched.0.words', "½\u{A0}oz blade, white, low hop: 6\u{A0}in in 0.5\u{A0}s, wait 3\u{A0}s")
            ->where('touched.0.lift', '15.2 cm')->where('touched.0.pause', '3'));
        $this->put('/cadences/low_hop', ['lift' => '15.24 cm', 'seconds' => '0.5', 'pause' => '3']);
        $this->get('/work')->assertInertia(fn (Page $page) => $page->where('touched.0.same', true));
    }

    public function test_a_wall_is_laid_out_ticked_off_and_goes_on_where_it_was_left(): void
    {
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $sent = $this->wall();
        $this->post('/plans', $sent)->assertSessionHasNoErrors();
        $this->post('/plans', $sent)->assertSessionHasNoErrors();
        $plan = Plan::query()->sole();
        $this->get('/work')->assertInertia(fn (Page $page) => $page->has('plans', 1)->where('plans.0.total', 16)
            ->where('plans.0.sentence', "16 casts along 98\u{A0}ft, one every 6.6\u{A0}ft, about 16\u{A0}min")
            ->where('plans.0.next', 1)->where('plans.0.left', "16\u{A0}min left"));
        foreach ([1, 2, 2, 5] as $number) {
            $told = $this->putJson("/plans/{$plan->uuid}/made", ['number' => $number, 'made' => true])->assertOk()->json();
        }
        self::assertSame([3, 3], [$told['made'], $told['next']]);
        self::assertStringStartsWith('3 casts since the last bite. Ten to fifteen empty casts', $told['empty']);
        self::assertSame([1, 2, 5], array_column(array_filter($told['marks'], static fn (array $mark): bool => $mark['made']), 'n'));
        $this->travel(1)->minutes();
        $this->postJson("/outings/{$this->angler->outings()->sole()->uuid}/events", ['uuid' => (string) Str::uuid(), 'kind' => 'touch']);
        $told = $this->putJson("/plans/{$plan->uuid}/made", ['number' => 5, 'made' => false])->json();
        self::assertSame(2, $told['made']);
        self::assertStringStartsWith('Ten to fifteen', $told['empty'], 'a touch begins the count anew');
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('plan.next', 3)->where('plan.name', 'Stone mole'));
        $this->putJson("/plans/{$plan->uuid}/worked", ['worked' => 'shaded side'])->assertJsonPath('worked', 'shaded side');
        $this->delete("/plans/{$plan->uuid}")->assertRedirect();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('plan', null));
    }

    public function test_every_kind_is_laid_out_from_what_is_usual(): void
    {
        $this->put('/readings', ['readings' => ['current' => '0.3 mph', 'flow' => 'river']]);
        foreach (\Eskith\Telling\Enums\PlanKind::cases() as $kind) {
            $this->post('/plans', [
                'uuid' => (string) Str::uuid(), 'kind' => $kind->value, 'name' => $kind->word(),
                'fields' => array_map(static fn (array $field): string => $field[2], $kind->fields()),
            ])->assertSessionHasNoErrors();
        }
        $plans = [];
        $this->get('/work')->assertInertia(function (Page $page) use (&$plans): Page {
            $plans = array_column($page->toArray()['props']['plans'], null, 'kind');

            return $page;
        });
        // A fan of 80° over 24.4 m in lanes of 3.05 m: 24.4 × 1.396 / 3.05 = 11.2.
        self::assertCount(12, $plans['fan']['marks']);
        // 120 ft in lanes of 30 ft.
        self::assertCount(4, $plans['drift']['marks']);
        // 200 ft in steps of 20 ft: 11 stands, 3 casts each.
        self::assertCount(33, $plans['advance']['marks']);
        self::assertCount(3, $plans['ledges']['steps']);
        self::assertMatchesRegularExpression('/^Count \d+, \d+, \d+ to the ledges/', $plans['ledges']['sentence']);
        self::assertStringStartsWith('The tide runs away: drop at your feet and feed 0.5', $plans['tide']['sentence']);
        foreach ($plans as $plan) {
            self::assertNull($plan['refused'], $plan['kind']);
        }
    }

    public function test_a_tide_that_is_too_strong_is_said(): void
    {
        $this->put('/readings', ['readings' => ['current' => '6 mph', 'flow' => 'tide', 'depth' => '40 ft']]);
        $this->post('/plans', ['uuid' => (string) Str::uuid(), 'kind' => 'tide', 'name' => 'Poles', 'fields' => ['runs' => 'toward']])
            ->assertSessionHasNoErrors();
        $this->get('/work')->assertInertia(fn (Page $page) => $page->where(
            'plans.0.sentence', 'This tide is too strong: nothing this light stays down',
        ));
    }

    /** @return iterable<string, array{string, array<string, string>, string}> */
    public static function nonsense(): iterable
    {
        yield 'a wall of nothing' => ['wall', ['line' => '0 ft'], 'line'];
        yield 'corners that are none' => ['wall', ['line' => '0,0 north'], 'line'];
        yield 'a side that is none' => ['wall', ['side' => 'up'], 'side'];
        yield 'standing on it' => ['wall', ['off' => '0 m'], 'off'];
        yield 'a fan turned round' => ['fan', ['from' => '90', 'to' => '20'], 'to'];
        yield 'a bow tie' => ['drift', ['area' => '0,0 50,50 50,0 0,50'], 'area'];
        yield 'a drift of nothing' => ['drift', ['speed' => '0 mph'], 'speed'];
        yield 'no ledge' => ['ledges', ['depths' => ' '], 'fields.depths'];
        yield 'below the bottom' => ['ledges', ['depths' => '10 ft, 90 ft'], 'depths'];
        yield 'half a cast' => ['advance', ['each' => '2.5'], 'each'];
        yield 'a way round the world' => ['advance', ['way' => '9000 m', 'step' => '1 m'], 'way'];
        yield 'a cast of hours' => ['wall', ['seconds' => '2 h'], 'seconds'];
    }

    /** @param  array<string, string>  $fields */
    #[DataProvider('nonsense')]
    public function test_what_cannot_be_laid_out_is_refused_at_its_field(string $kind, array $fields, string $field): void
    {
        $usual = array_map(static fn (array $one): string => $one[2], \Eskith\Telling\Enums\PlanKind::from($kind)->fields());
        $this->post('/plans', ['uuid' => (string) Str::uuid(), 'kind' => $kind, 'name' => 'x', 'fields' => [...$usual, ...$fields]])
            ->assertSessionHasErrors($field);
        self::assertSame(0, Plan::query()->count());
    }

    public function test_a_plan_kept_as_nonsense_says_so_and_the_page_opens(): void
    {
        $this->post('/plans', $this->wall());
        DB::table('plans')->update(['fields' => '{"line":7}', 'made' => '{"x":1,"99":2}']);
        $this->get('/work')->assertInertia(fn (Page $page) => $page->where('plans.0.total', 0)->where('plans.0.made', 0)
            ->whereNot('plans.0.refused', null));
        DB::table('plans')->update(['kind' => 'spiral']);
        $this->get('/work')->assertInertia(
            fn (Page $page) => $page->where('plans.0.refused', 'This plan is of a kind that is not known here. Put it away.'),
        );
        $made = '/plans/'.Plan::query()->sole()->uuid.'/made';
        $this->actingAs($this->angler())->putJson($made, ['number' => 1, 'made' => true])->assertNotFound();
    }

    /** @return array<string, mixed> */
    private function wall(): array
    {
        return ['uuid' => (string) Str::uuid(), 'kind' => 'wall', 'name' => 'Stone mole', 'fields' => [
            'line' => '30 m', 'spacing' => '2 m', 'off' => '12 m', 'side' => 'left', 'past' => '0', 'seconds' => '60',
        ]];
    }

    private function pick(string $cadence): string
    {
        return $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->sole()->id.".middle.{$cadence}";
    }

    /** @return array<string, mixed> */
    private function work(string $cadence): array
    {
        return $this->getJson("/work/timing?pick={$this->pick($cadence)}")->assertOk()->json();
    }
}
