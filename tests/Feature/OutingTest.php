<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

final class OutingTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_an_outing_starts_from_a_pick_and_a_repeat_does_not_start_another(): void
    {
        $sent = $this->pick('middle');
        $this->post('/tie-on', $sent)->assertRedirect('/fish');
        $this->post('/tie-on', $sent)->assertRedirect('/fish');

        self::assertSame(1, Outing::query()->count());
        self::assertSame(1, Setup::query()->count());
        self::assertSame('26 ft', Outing::query()->sole()->readings['depth']);
        $this->get('/fish')->assertInertia(fn (AssertableInertia $page) => $page->component('Fish')
            ->where('outing.title', "½\u{A0}oz blade, white")->where('outing.tally.drops', 0)->has('outing.pick.drop.line', 21));
    }

    public function test_what_cannot_be_tied_on_is_refused_in_words(): void
    {
        $this->post('/tie-on', $this->pick('fifth'))->assertSessionHasErrors(
            ['hole' => 'This lure has the holes front, middle, back. Choose one of them.'],
        );
        $this->post('/tie-on', $this->pick(null))->assertSessionHasErrors('hole');
        $this->post('/tie-on', [...$this->pick('middle'), 'cadence' => 'tango'])->assertSessionHasErrors('cadence');
        $this->post('/tie-on', [...$this->pick('middle'), 'lure' => 999])->assertSessionHasErrors(
            ['lure' => 'That lure is no longer in your box. Pick another.'],
        );
        self::assertSame(0, Outing::query()->count());
    }

    public function test_drops_touches_and_fish_are_counted_and_the_last_can_be_undone(): void
    {
        $outing = $this->start();
        foreach (range(1, 3) as $ignored) {
            $this->log($outing, ['kind' => 'drop']);
        }
        $this->log($outing, ['kind' => 'touch', 'came' => 'lift']);
        $this->log($outing, ['kind' => 'drop']);
        $now = $this->log($outing, ['kind' => 'fish', 'species' => 'walleye', 'length' => '18½', 'came' => 'fall']);

        self::assertSame([4, 2, 1], [$now['tally']['drops'], $now['tally']['touches'], $now['tally']['landed']]);
        self::assertSame(
            ["Walleye, 18½\u{A0}in, about 2.4\u{A0}lb, on the fall", 'Drop', 'Bite, as it lifted', 'Drop', 'Drop', 'Drop'],
            array_column($now['events'], 'words'),
        );

        $now = $this->deleteJson("/events/{$now['events'][0]['uuid']}")->assertOk()->json('outing');
        self::assertSame([4, 1, 0], [$now['tally']['drops'], $now['tally']['touches'], $now['tally']['landed']]);
        self::assertSame(6, Event::query()->count(), 'undone, not erased');
        $this->get('/fish')->assertInertia(
            fn (AssertableInertia $page) => $page->where('outing.tally.drops', 4)->where('outing.tally.touches', 1)
                ->has('outing.events', 5),
        );
    }

    public function test_what_is_not_listed_any_more_is_counted_all_the_same(): void
    {
        $outing = $this->start();
        $this->log($outing, ['kind' => 'drop']);
        $bite = $this->log($outing, ['kind' => 'touch', 'came' => 'lift'])['events'][0]['at'];
        $this->travel(1)->minutes();
        foreach (range(1, 42) as $ignored) {
            $now = $this->log($outing, ['kind' => 'drop']);
        }

        self::assertCount(40, $now['events']);
        self::assertSame(
            [43, 1, 0, 2], [$now['tally']['drops'], $now['tally']['touches'], $now['tally']['landed'], $now['tally']['dropsBefore']],
        );
        self::assertEquals(Carbon::parse($bite), Carbon::parse($now['tally']['touchBefore']));
    }

    public function test_every_kind_of_event_can_be_logged_and_is_told(): void
    {
        $outing = $this->start();
        $pads = $this->log($outing, ['kind' => 'drop'])['pads'];
        self::assertSame(
            ['foul' => 'o', 'snag' => 's', 'rock' => 'r', 'drift' => 'n', 'followed' => 'w', 'refused' => 'x'],
            array_column($pads, 'key', 'kind'),
        );
        foreach (EventKind::cases() as $kind) {
            // A fish right after a touch would be the same bite.
            $this->travel(2)->minutes();
            $now = $this->log($outing, ['kind' => $kind->value, ...($kind === EventKind::Fish ? ['species' => 'walleye'] : [])]);
            self::assertSame($kind->value, $now['events'][0]['kind']);
            self::assertNotSame('', $now['events'][0]['words']);
        }
        self::assertSame(count(EventKind::bites()), $now['tally']['touches']);
        $keys = ['c', 'd', 't', 'f', 'm', 'u', ...array_column($pads, 'key')];
        self::assertSame($keys, array_values(array_unique($keys)), 'no two pads share a key');
    }

    public function test_sending_an_entry_twice_logs_it_once(): void
    {
        $outing = $this->start();
        $entry = ['uuid' => (string) Str::uuid(), 'kind' => 'drop'];
        $this->postJson("/outings/{$outing->uuid}/events", $entry)->assertOk();
        $this->postJson("/outings/{$outing->uuid}/events", $entry)->assertOk()->assertJsonPath('outing.tally.drops', 1);

        self::assertSame(1, Event::query()->count());
    }

    public function test_a_lost_fish_is_a_touch_that_was_not_landed(): void
    {
        $now = $this->log($this->start(), ['kind' => 'fish', 'species' => 'sauger', 'landed' => false]);

        self::assertSame([1, 0, 'Sauger, lost'], [$now['tally']['touches'], $now['tally']['landed'], $now['events'][0]['words']]);
    }

    public function test_bad_entries_say_why_and_log_nothing(): void
    {
        $outing = $this->start();
        $send = fn (array $entry) => $this->postJson(
            "/outings/{$outing->uuid}/events", ['uuid' => (string) Str::uuid(), ...$entry],
        )->assertStatus(422);

        $send(['kind' => 'fish'])->assertJsonPath('errors.species.0', 'Say which fish it was.');
        $send(['kind' => 'fish', 'species' => 'walleye', 'length' => '9 ft'])->assertJsonPath(
            'errors.length.0', "A fish measures between 1.2\u{A0}in and 78.7\u{A0}in; \"9 ft\" does not.",
        );
        $send(['kind' => 'fish', 'species' => 'walleye', 'length' => 'big']);
        $send(['kind' => 'nap']);
        $send(['kind' => 'drop', 'at' => '2001-01-01'])->assertJsonPath('errors.at.0', 'The time of this entry can\'t be right.');
        $this->postJson("/outings/{$outing->uuid}/events", ['kind' => 'drop'])->assertStatus(422);
        self::assertSame(0, Event::query()->count());
    }

    public function test_entries_made_without_connection_keep_their_own_time(): void
    {
        $outing = $this->start();
        $this->log($outing, ['kind' => 'drop', 'at' => Carbon::now()->subMinutes(30)->toIso8601String()]);

        self::assertEqualsWithDelta(1800, Event::query()->sole()->at->diffInSeconds(Carbon::now()), 5);
    }

    public function test_tying_on_another_lure_goes_on_with_the_same_outing(): void
    {
        $outing = $this->start();
        $this->log($outing, ['kind' => 'drop']);
        $spoon = $this->angler->lures()->where('family', 'spoon')->sole();
        $this->post(
            '/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $spoon->id, 'hole' => null, 'cadence' => 'flutter_drop'],
        )->assertRedirect('/fish');
        $this->log($outing, ['kind' => 'drop']);

        self::assertSame(1, Outing::query()->count());
        self::assertSame([$spoon->id], Event::query()->latest('id')->firstOrFail()->setup()->pluck('lure_id')->all());
    }

    public function test_one_of_several_of_the_same_can_be_tied_on(): void
    {
        $white = $this->angler->lures()->where('finish', 'white')->firstOrFail();
        $this->post("/lures/{$white->id}/duplicate", ['uuid' => (string) Str::uuid()]);
        $this->post("/lures/{$white->id}/duplicate", ['uuid' => $uuid = (string) Str::uuid()]);
        $twin = $this->angler->lures()->where('uuid', $uuid)->sole();
        self::assertCount(5, $this->getJson('/answer')->json('picks'), 'the two that came from a form are the same; they are listed once');
        $this->post(
            '/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $twin->id, 'hole' => 'middle', 'cadence' => 'low_hop'],
        )->assertRedirect('/fish');
        $this->get('/fish')->assertInertia(fn (AssertableInertia $page) => $page->where('outing.pick.lureId', $twin->id));
    }

    public function test_an_ended_outing_takes_no_more_and_the_next_pick_starts_anew(): void
    {
        $outing = $this->start();
        $this->post("/outings/{$outing->uuid}/end")->assertRedirect('/fish');
        $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => (string) Str::uuid(), 'kind' => 'drop'])->assertStatus(422)
            ->assertJsonPath('message', 'This outing has ended. Start a new one to log more.');
        $this->get('/fish')->assertInertia(fn (AssertableInertia $page) => $page->where('outing', null));
        $this->start();
        self::assertSame(2, Outing::query()->count());
    }

    private function start(): Outing
    {
        $this->post('/tie-on', $this->pick('middle'))->assertRedirect('/fish');

        return Outing::query()->latest('id')->firstOrFail();
    }

    /** @return array<string, mixed> */
    private function pick(?string $hole): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->where('finish', 'white')->firstOrFail()->id,
            'hole' => $hole, 'cadence' => 'low_hop',
        ];
    }

    /**
     * @param  array<string, mixed>  $entry
     * @return array<string, mixed> the outing after it
     */
    private function log(Outing $outing, array $entry): array
    {
        $this->travel(2)->seconds();

        return $this->postJson("/outings/{$outing->uuid}/events", ['uuid' => (string) Str::uuid(), ...$entry])->assertOk()->json('outing');
    }
}
