<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\Kits;
use App\Models\Event;
use App\Models\Outing;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** Where a bite came, told from the drop before it; what became of the fish; mending it later. */
final class BitesTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Outing $outing;

    /** s to the bottom, 26 ft of it */
    private float $down;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->startOfMinute());
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $white = $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->sole()->id;
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $white, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $this->outing = $this->angler->outings()->sole();
        $this->down = (float) $this->getJson('/answer')->json('chosen.drop.seconds');
    }

    public function test_a_touch_while_it_is_still_falling_came_on_the_first_fall_where_the_lure_was(): void
    {
        $this->tap('drop', 0);
        $now = $this->tap('touch', 6);
        $touch = Event::query()->where('kind', 'touch')->sole();

        // 6 s after the drop, 1.5 s of them to tap: 4.5 s of a fall of about nine.
        self::assertSame('first_fall', $touch->came?->value);
        self::assertTrue($touch->depth_computed);
        self::assertEqualsWithDelta(7.92 * 4.5 / $this->down, $touch->depth_m, 0.15, 'it hardly slows down');
        self::assertTrue($now['events'][0]['computed']);
        self::assertSame('Bite, on the first fall', $now['events'][0]['words']);
    }

    public function test_later_it_came_at_the_bottom_and_without_a_drop_nothing_is_reckoned(): void
    {
        $this->tap('touch', 1);
        self::assertFalse(Event::query()->sole()->depth_computed);
        $this->tap('drop', 10);
        $this->tap('touch', 60);
        $touch = Event::query()->latest('id')->firstOrFail();
        self::assertNull($touch->came, 'at rest or within the lift: nobody knows');
        self::assertEqualsWithDelta(7.925, $touch->depth_m, 0.01);
        self::assertTrue($touch->depth_computed);
        $this->tap('drop', 70.2);
        $this->tap('touch', 70.7);
        self::assertSame('first_fall', Event::query()->latest('id')->firstOrFail()->came?->value, 'within the same second too');
        $this->tap('touch', 130, ['came' => 'lift']);
        self::assertSame('lift', Event::query()->latest('id')->firstOrFail()->came?->value, 'what was said stands');
    }

    public function test_it_is_mended_by_a_count_or_a_depth_and_nonsense_is_refused(): void
    {
        $this->tap('drop', 0);
        $uuid = $this->tap('touch', 40)['events'][0]['uuid'];
        $mended = $this->putJson("/events/{$uuid}", ['count' => '4'])->assertOk()->json('outing.events.0');
        self::assertSame('Bite, on the first fall', $mended['words']);
        self::assertEqualsWithDelta(7.92 * 4 / $this->down, Event::query()->where('uuid', $uuid)->sole()->depth_m, 0.15);
        $mended = $this->putJson("/events/{$uuid}", ['came' => 'rest', 'depth' => '20 ft'])->assertOk()->json('outing.events.0');
        self::assertSame(['Bite, at rest', "20\u{A0}ft", false], [$mended['words'], $mended['depthText'], $mended['computed']]);
        $this->putJson("/events/{$uuid}", ['count' => '90'])->assertStatus(422)->assertJsonValidationErrors('count');
        $this->putJson("/events/{$uuid}", ['depth' => '900 ft'])->assertStatus(422)->assertJsonValidationErrors('depth');
        $this->putJson("/events/{$uuid}", ['came' => 'sideways'])->assertStatus(422);
        $this->putJson("/events/{$uuid}", ['species' => 'pike', 'kept' => true])->assertOk()
            ->assertJsonPath('outing.events.0.words', 'Bite, at rest');
        $this->actingAs($this->angler())->putJson("/events/{$uuid}", ['came' => 'fall'])->assertNotFound();
    }

    public function test_any_fish_is_logged_with_what_became_of_it_and_its_weight_is_an_estimate(): void
    {
        $now = $this->tap('fish', 5, ['species' => 'walleye', 'length' => '18 in', 'hook' => 'rear', 'kept' => false]);
        // 457 mm: 10^(−5.453 + 3.18 log₁₀ 457.2) = 1016 g = 2.2 lb.
        self::assertSame("Walleye, 18 in, about 2.2\u{A0}lb, rear hook, released", $now['events'][0]['words']);
        $now = $this->tap('fish', 6, ['species' => 'Burbot', 'length' => '20 in', 'landed' => false, 'lost_at' => 'boat', 'bent' => true]);
        self::assertSame('Burbot, 20 in, lost, at boat or bank, hook bent', $now['events'][0]['words']);
        self::assertSame('burbot', $now['events'][0]['bite']['species']);
        $now = $this->tap('fish', 7, ['species' => 'walleye', 'length' => '4 in']);
        self::assertSame('Walleye, 4 in', $now['events'][0]['words'], 'no weight below where its equation holds');
        $mended = ['species' => 'sauger', 'length' => '15 in', 'landed' => true, 'kept' => true];
        $this->putJson("/events/{$now['events'][0]['uuid']}", $mended)->assertOk()
            ->assertJsonPath('outing.events.0.words', "Sauger, 15 in, about 1.2\u{A0}lb, kept");
        $this->putJson("/events/{$now['events'][0]['uuid']}", ['species' => '', 'length' => '9 ft'])->assertStatus(422);
        self::assertSame('sauger', Event::query()->latest('id')->firstOrFail()->species);
    }

    public function test_a_forgotten_outing_is_noticed_and_ended_at_its_last_tap_and_can_be_gone_on_with(): void
    {
        self::assertNull($this->tap('drop', 60)['forgotten']);
        $last = Carbon::now()->addSeconds(60);
        $this->travel(170)->minutes();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.forgotten', null));
        $this->travel(15)->minutes();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->whereNot('outing.forgotten', null));
        $this->post("/outings/{$this->outing->uuid}/end", ['at_last_tap' => true]);
        self::assertEqualsWithDelta($last->getTimestamp(), $this->outing->refresh()->ended_at?->getTimestamp(), 1);
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('reopen.value', $this->outing->uuid));
        $this->delete("/outings/{$this->outing->uuid}/end")->assertRedirect('/fish');
        $this->delete("/outings/{$this->outing->uuid}/end")->assertRedirect('/fish');
        self::assertNull($this->outing->refresh()->ended_at);
    }

    public function test_a_lure_that_stays_down_leaves_the_rod_and_the_box_and_comes_back_where_that_was_tapped_wrongly(): void
    {
        $lure = $this->outing->setups()->sole()->lure;
        self::assertNotNull($lure);
        $this->tap('touch', -60);
        $this->tap('drop', 0);
        $snag = $this->tap('snag', 20)['events'][0];
        self::assertSame(['Snagged', false], [$snag['words'], $snag['lureLost']]);
        $lost = fn (bool $lost) => $this->putJson("/events/{$snag['uuid']}", ['lure_lost' => $lost])->assertOk();

        $lost(true)->assertJsonPath('outing.events.0.words', 'Snagged, lure lost')->assertJsonPath('outing.setup', null)
            ->assertJsonPath('outing.worked', null);
        $lost(true);
        self::assertSame(1, $lure->refresh()->lost, 'told twice, lost once');
        $inBox = fn (): bool => array_key_exists($lure->id, Kits::ranked($this->angler->refresh())->byLure());
        self::assertFalse($inBox());
        $tie = ['uuid' => (string) Str::uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'low_hop'];
        $this->postJson('/tie-on', $tie)->assertStatus(422)->assertJsonValidationErrors('lure');

        $lost(false)->assertJsonPath('outing.events.0.words', 'Snagged, freed');
        self::assertSame(0, $lure->refresh()->lost);
        self::assertNull($this->outing->setups()->sole()->until_at, 'it is on the rod again');
        self::assertTrue($inBox());
    }

    public function test_a_lost_lure_comes_back_with_the_tap_that_is_taken_back_and_one_of_two_stays_in_the_box(): void
    {
        $lure = $this->outing->setups()->sole()->lure;
        self::assertNotNull($lure);
        $lure->update(['quantity' => 2]);
        $fish = $this->tap('fish', 5, ['species' => 'pike', 'landed' => false, 'lost_at' => 'line'])['events'][0];
        $now = $this->putJson("/events/{$fish['uuid']}", ['lure_lost' => true])->assertOk()->assertJsonPath('outing.setup', null);
        self::assertSame('Pike, lost, the line broke, lure lost', $now->json('outing.events.0.words'));
        $this->postJson('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'low_hop']);
        self::assertSame(2, $this->outing->setups()->count(), 'the other one');

        foreach ([1, 2] as $_) {
            $this->deleteJson("/events/{$fish['uuid']}")->assertOk();
        }
        self::assertSame(0, $lure->refresh()->lost);
        self::assertSame(1, $this->outing->setups()->whereNull('until_at')->count(), 'what was tied on since stays on');
        $this->putJson("/events/{$fish['uuid']}", ['lure_lost' => true])->assertOk();
        self::assertSame(0, $lure->refresh()->lost, 'what was taken back loses nothing');
    }

    public function test_what_was_taken_back_is_put_back_one_after_the_other(): void
    {
        $taps = [];
        for ($i = 0; $i < 10; $i++) {
            $taps[] = $this->tap($i === 9 ? 'touch' : 'drop', $i)['events'][0]['uuid'];
        }
        foreach (array_reverse($taps) as $i => $uuid) {
            $this->travel(1)->seconds();
            $now = $this->deleteJson("/events/{$uuid}")->assertOk()->assertJsonPath('outing.takenBack.0.uuid', $uuid);
            self::assertSame($i === 0 ? 'Bite' : 'Drop', explode(',', (string) $now->json('outing.takenBack.0.words'))[0]);
        }
        self::assertSame(0, $this->outing->events()->standing()->count());
        $this->actingAs($this->angler())->putJson("/events/{$taps[0]}/put-back")->assertNotFound();
        $this->actingAs($this->angler);
        foreach ($taps as $i => $uuid) {
            $this->putJson("/events/{$uuid}/put-back")->assertOk();
            $this->putJson("/events/{$uuid}/put-back")->assertOk()->assertJsonPath('outing.takenBack.0.uuid', $taps[$i + 1] ?? null);
        }
        self::assertSame(10, $this->outing->events()->standing()->count());

        $this->deleteJson("/events/{$taps[9]}")->assertJsonPath('outing.tally.touches', 0);
        $this->travel(11)->minutes();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->has('outing.takenBack', 0));
    }

    public function test_a_touch_loses_no_lure(): void
    {
        $touch = $this->tap('touch', 5)['events'][0];
        self::assertNull($touch['lureLost']);
        $this->putJson("/events/{$touch['uuid']}", ['lure_lost' => true])->assertOk()
            ->assertJsonPath('outing.setup', $this->outing->setups()->sole()->uuid);
        self::assertSame(0, (int) $this->angler->lures()->sum('lost'));
    }

    public function test_a_lure_kept_as_nonsense_is_no_reason_to_lose_a_tap(): void
    {
        $this->tap('drop', 0);
        \Illuminate\Support\Facades\DB::table('lures')->update(['family' => 'submarine', 'holes' => '{broken']);
        $now = $this->tap('touch', 4);
        self::assertSame('Bite', $now['events'][0]['words']);
        $this->putJson("/events/{$now['events'][0]['uuid']}", ['count' => '3'])->assertStatus(422)->assertJsonValidationErrors('count');
    }

    public function test_at_a_glance_counts_the_pace_and_the_way_back_to_what_worked(): void
    {
        $this->tap('drop', 0);
        $this->tap('touch', 1);
        $this->travel(60)->minutes();
        $now = $this->tap('drop', 0);
        self::assertSame('up quick, down 1, wait 2', $now['counts']);
        self::assertSame('0.5 bites and 0 fish in half an hour', $now['pace']);
        self::assertNull($now['worked'], 'it is on still');
        $gold = $this->angler->lures()->where('finish', 'gold')->sole()->id;
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $gold, 'hole' => 'middle', 'cadence' => 'low_hop']);
        $now = $this->tap('drop', 2);
        self::assertSame("½\u{A0}oz blade, white", $now['worked']['words']);
        $white = $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->value('id');
        self::assertSame(['lure' => $white, 'hole' => 'middle', 'cadence' => 'low_hop'], $now['worked']['tying']);
    }

    public function test_only_one_outing_is_under_way_and_an_old_one_is_not_offered(): void
    {
        $this->post("/outings/{$this->outing->uuid}/end");
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $this->deleteJson("/outings/{$this->outing->uuid}/end")->assertStatus(422)
            ->assertJsonPath('message', 'Another outing is under way. End it first.');
        $this->post("/outings/{$this->angler->outings()->underWay()->sole()->uuid}/end");
        $this->travel(25)->hours();
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing', null)->where('reopen', null));
    }

    /**
     * @param  float  $seconds  since now
     * @param  array<string, mixed>  $more
     * @return array<string, mixed> the outing after it
     */
    private function tap(string $kind, float $seconds, array $more = []): array
    {
        $at = Carbon::now()->addMilliseconds((int) (1000 * $seconds));

        return $this->postJson("/outings/{$this->outing->uuid}/events", [
            'uuid' => (string) Str::uuid(), 'kind' => $kind, 'at' => $at->format('Y-m-d\TH:i:s.vP'), ...$more,
        ])->assertOk()->json('outing');
    }
}
