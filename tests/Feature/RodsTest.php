<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Rod;
use App\Models\Setup;
use App\Models\User;
use App\Record\DayReader;
use Eskith\Telling\Day\Today;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** Several rods on board: one in hand, each with what is tied on. */
final class RodsTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->travelTo(now()->startOfMinute());
    }

    public function test_another_rod_is_rigged_like_the_one_in_hand_and_is_in_hand_then(): void
    {
        $this->add('Vertical rod')->assertSessionHasNoErrors();
        $first = $this->rod('Vertical rod');
        $first->update(['leader_n' => 66.7, 'leader_n_text' => '15 lb']);
        $this->add('Casting rod');

        self::assertSame('15 lb', $this->rod('Casting rod')->leader_n_text);
        $this->get('/rig')->assertInertia(fn (Page $page) => $page->where('rod.name', 'Casting rod')
            ->where('rods.0.name', 'Vertical rod')->where('rods.0.inHand', false)->where('rods.1.inHand', true));
        $uuid = (string) Str::uuid();
        $this->add('Third', $uuid);
        $this->add('Third', $uuid);
        self::assertSame(3, $this->angler->rods()->count(), 'a repeat takes no second one on board');
    }

    public function test_what_cannot_be_a_rod_is_refused(): void
    {
        $this->add('')->assertSessionHasErrors(['name' => 'Give the rod a name, such as casting rod.']);
        foreach (range(1, 12) as $i) {
            $this->add("Rod {$i}")->assertSessionHasNoErrors();
        }
        $this->add('One too many')->assertSessionHasErrors(['name' => 'There are 12 rods on board. Take one off first.']);
    }

    public function test_a_line_that_is_on_both_rods_stays_on_the_reel_as_one_takes_the_other(): void
    {
        $line = $this->angler->lines()->create([
            'name' => 'Braid', 'kind' => 'braid', 'diameter_m' => 0.0001, 'diameter_text' => '0.1 mm', 'break_n' => 40.0,
            'break_text' => '9 lb', 'in_use' => true,
        ]);
        $this->add('Vertical rod');
        $this->add('Casting rod');
        foreach (['Vertical rod', 'Casting rod'] as $name) {
            $this->take($name);
            self::assertTrue($line->refresh()->in_use, $name);
        }
    }

    public function test_each_rod_has_its_own_line_and_the_drop_is_reckoned_with_the_one_in_hand(): void
    {
        [$thin, $thick] = array_map(fn (float $mm): int => $this->angler->lines()->create([
            'name' => "{$mm} mm", 'kind' => 'braid', 'diameter_m' => $mm / 1000, 'diameter_text' => "{$mm} mm", 'break_n' => 89.0,
            'break_text' => '20 lb', 'in_use' => false,
        ])->id, [0.1, 0.5]);
        $this->add('Vertical rod');
        $this->put('/line', ['line' => $thin]);
        $angle = $this->angle();
        $this->add('Casting rod');
        $this->put('/line', ['line' => $thick]);
        self::assertGreaterThan($angle + 5, $this->angle());
        $this->take('Vertical rod');
        self::assertSame($angle, $this->angle());
        self::assertSame([$thin, $thick], [$this->rod('Vertical rod')->line_id, $this->rod('Casting rod')->line_id]);
    }

    public function test_what_is_logged_is_of_the_rod_it_was_tapped_for(): void
    {
        $this->twoRods();
        $this->log('drop');
        $casting = Setup::query()->where('rod_id', $this->rod('Casting rod')->id)->sole();
        $this->take('Vertical rod');
        $now = $this->log('touch');
        self::assertSame([1, 0], [$now['tally']['touches'], $now['tally']['drops']], 'counts are of the rod in hand');
        self::assertSame(['Vertical rod', 'Casting rod'], array_column($now['events'], 'rodName'));
        // Tapped before the other was taken in hand, sent after.
        $this->log('touch', ['setup' => $casting->uuid]);
        self::assertSame($casting->id, Event::query()->latest('id')->firstOrFail()->setup_id);
        self::assertSame([true, false], array_column($now['rods'], 'inHand'));
    }

    public function test_a_rod_fishes_on_while_another_is_tied(): void
    {
        $this->twoRods();
        $this->travel(60)->minutes();
        $white = $this->lure('white');
        $this->tie(['lure' => $white, 'hole' => 'back', 'cadence' => 'low_hop', 'rod' => $this->rod('Casting rod')->uuid]);
        $this->travel(1)->minutes();
        $stands = $this->angler->lures()->pluck('id', 'id')->all();
        $today = Today::of(DayReader::of($this->angler->refresh()), $stands, $this->angler->settings()->trials, now());
        // 60 minutes of gold. White on the vertical rod for 121 minutes to now, faded: 1.5 × (1 − e^(−121/90)) = 1.109 h.
        self::assertEqualsWithDelta(60.0, $today->brightMetalMin, 0.1);
        self::assertEqualsWithDelta(1.109, $today->day->hours("{$white}|middle|low_hop"), 0.001);
    }

    public function test_a_pick_goes_on_the_rod_that_needs_the_fewest_changes(): void
    {
        $this->twoRods();
        $this->add('Bare rod');
        $for = fn (string $pick): array => array_map(
            static fn (array $rod): string => "{$rod['name']}: {$rod['words']}", $this->getJson("/rods?pick={$pick}")->assertOk()->json(),
        );
        $white = $this->lure('white');
        $gold = $this->lure('gold');
        self::assertSame(
            [
                'Vertical rod: change the cadence', 'Casting rod: change the finish, the hole and the cadence',
                'Bare rod: nothing is on it yet',
            ],
            $for("{$white}.middle.high_pop"),
        );
        self::assertSame('Casting rod: already tied on', $for("{$gold}.front.low_hop")[0]);
        $this->getJson('/rods?pick=999.front.low_hop')->assertStatus(422);
    }

    public function test_a_casting_rod_is_proposed_for_casts_and_a_vertical_one_for_straight_down(): void
    {
        $this->twoRods();
        [$white, $gold] = [$this->lure('white'), $this->lure('gold')];
        $this->tie(['lure' => $white, 'hole' => 'middle', 'cadence' => 'short_pop', 'rod' => $this->rod('Vertical rod')->uuid]);
        $this->tie(['lure' => $gold, 'hole' => 'front', 'cadence' => 'clock_sweep', 'rod' => $this->rod('Casting rod')->uuid]);
        $first = fn (string $pick): string => $this->getJson("/rods?pick={$pick}")->assertOk()->json('0.name');
        // One thing to change on the vertical rod, three on the other.
        $this->put('/readings', ['readings' => ['how' => 'cast']]);
        self::assertSame('Casting rod', $first("{$white}.middle.low_hop"));
        $this->put('/readings', ['readings' => ['how' => 'vertical']]);
        self::assertSame('Vertical rod', $first("{$gold}.front.low_hop"));
        self::assertSame('Vertical rod', $first("{$white}.middle.short_pop"), 'it is on already');
    }

    public function test_a_partners_rod_is_logged_and_not_proposed_and_a_still_rod_has_other_bait(): void
    {
        $this->twoRods();
        $this->post('/rods', ['uuid' => (string) Str::uuid(), 'name' => 'Red rod', 'owner' => 'Ines'])->assertSessionHasNoErrors();
        $this->post('/rods', ['uuid' => (string) Str::uuid(), 'name' => 'Still rod', 'still' => true])->assertSessionHasNoErrors();
        $still = $this->rod('Still rod')->uuid;
        $this->get('/fish')->assertInertia(
            fn (Page $page) => $page->where('outing.title', 'Nothing on this rod')->where('outing.setup', null)
                ->where('outing.rods.2.name', 'Red rod (Ines)'),
        );
        $this->tie(['lure' => $this->lure('white'), 'hole' => 'middle', 'cadence' => 'low_hop', 'rod' => $still])
            ->assertSessionHasErrors(['rod' => 'The Still rod stays out with other bait. Tie this on another rod.']);
        $this->tie(['rod' => $this->rod('Red rod')->uuid])->assertSessionHasErrors('lure');
        $this->tie(['rod' => $still])->assertSessionHasNoErrors();
        $now = $this->log('fish', ['species' => 'walleye']);
        self::assertSame(['Other bait', 'Walleye', 'Still rod'], [$now['title'], $now['events'][0]['words'], $now['events'][0]['rodName']]);
        $named = array_column($this->getJson("/rods?pick={$this->lure('white')}.middle.low_hop")->json(), 'name');
        self::assertSame(['Vertical rod', 'Casting rod'], $named);
        $this->get('/')->assertOk();
        $this->get('/gear')->assertOk();
    }

    public function test_a_rod_left_ashore_stops_fishing_and_comes_back_bare(): void
    {
        $this->twoRods();
        $this->put("/rods/{$this->rod('Casting rod')->uuid}/ashore")->assertNoContent();
        self::assertNotNull(Setup::query()->where('rod_id', $this->rod('Casting rod')->id)->sole()->until_at);
        $this->get('/rig')->assertInertia(fn (Page $page) => $page->where('rod.name', 'Vertical rod')->has('rods', 1)
            ->where('ashore.0.word', 'Casting rod'));
        $this->putJson("/rods/{$this->rod('Vertical rod')->uuid}/ashore")->assertStatus(422)
            ->assertJsonPath('message', 'That is the last rod on board; without one there is nothing to fish with.');
        $this->take('Casting rod');
        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.title', 'Nothing on this rod'));
    }

    public function test_a_rod_of_another_angler_is_not_found(): void
    {
        $this->add('Vertical rod');
        $uuid = $this->rod('Vertical rod')->uuid;
        $this->actingAs($this->angler());
        $this->put("/rods/{$uuid}/in-hand")->assertNotFound();
        $this->put("/rods/{$uuid}/ashore")->assertNotFound();
    }

    public function test_what_was_fished_before_the_first_rod_was_fished_with_it(): void
    {
        $this->tie(['lure' => $this->lure('white'), 'hole' => 'middle', 'cadence' => 'low_hop']);
        $this->add('Vertical rod');

        $this->get('/fish')->assertInertia(fn (Page $page) => $page->where('outing.title', "½\u{A0}oz blade, white"));
    }

    /** White, middle, low hop on the one; gold, front, low hop on the other an hour later, which is in hand. */
    private function twoRods(): void
    {
        $this->add('Vertical rod');
        $this->tie(['lure' => $this->lure('white'), 'hole' => 'middle', 'cadence' => 'low_hop'])->assertSessionHasNoErrors();
        $this->travel(60)->minutes();
        $this->add('Casting rod');
        $this->tie(['lure' => $this->lure('gold'), 'hole' => 'front', 'cadence' => 'low_hop'])->assertSessionHasNoErrors();
    }

    private function add(string $name, ?string $uuid = null): TestResponse
    {
        return $this->post('/rods', ['uuid' => $uuid ?? (string) Str::uuid(), 'name' => $name]);
    }

    private function take(string $name): void
    {
        $this->put("/rods/{$this->rod($name)->uuid}/in-hand")->assertNoContent();
    }

    /** @param  array<string, mixed>  $what */
    private function tie(array $what): TestResponse
    {
        return $this->post('/tie-on', ['uuid' => (string) Str::uuid(), ...$what]);
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed> the outing after it
     */
    private function log(string $kind, array $more = []): array
    {
        $this->travel(2)->seconds();
        $outing = $this->angler->outings()->underWay()->sole()->uuid;

        return $this->postJson("/outings/{$outing}/events", ['uuid' => (string) Str::uuid(), 'kind' => $kind, ...$more])
            ->assertOk()->json('outing');
    }

    private function rod(string $name): Rod
    {
        return $this->angler->rods()->where('name', $name)->sole();
    }

    private function lure(string $finish): int
    {
        return $this->angler->lures()->where('finish', $finish)->where('family', 'blade')->sole()->id;
    }

    /** Degrees that the line leans in today's answer. */
    private function angle(): float
    {
        return abs((float) $this->getJson('/answer')->json('chosen.drop.angleDeg'));
    }
}
