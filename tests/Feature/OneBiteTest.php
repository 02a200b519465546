<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Presenters\Fish\EventWords;
use Eskith\Core\Units\UnitSet;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\TestCase;

/** A touch that was a fish, the hook that held it, what came after it, and how a lure flew that fouled. */
final class OneBiteTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Outing $outing;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->startOfMinute());
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->post('/rods', ['uuid' => (string) Str::uuid(), 'name' => 'Vertical rod'])->assertSessionHasNoErrors();
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->where('finish', 'white')->firstOrFail()->id,
            'hole' => 'middle', 'cadence' => 'low_hop',
        ])->assertSessionHasNoErrors();
        $this->outing = $this->angler->outings()->sole();
        $this->travel(30)->minutes();
    }

    private static function iso(Carbon $at): string
    {
        return $at->format('Y-m-d\TH:i:s.vP');
    }

    /** @param  array<string, mixed>  $tap */
    private function tap(array $tap, int $secondsAgo = 0): string
    {
        $uuid = (string) Str::uuid();
        $told = $this->postJson("/outings/{$this->outing->uuid}/taps", ['angler' => $this->angler->id, 'taps' => [
            ['uuid' => $uuid, 'at' => self::iso(now()->subSeconds($secondsAgo)), ...$tap],
        ]])->assertOk()->json();
        self::assertSame([], $told['refused']);

        return $uuid;
    }

    private function event(string $uuid): Event
    {
        return Event::query()->where('uuid', $uuid)->sole();
    }

    public function test_the_fish_is_where_its_touch_was_felt_whichever_is_heard_first(): void
    {
        foreach ([true, false] as $touchFirst) {
            $touch = ['kind' => 'touch', 'came' => 'lift'];
            $fish = ['kind' => 'fish', 'species' => 'walleye', 'landed' => true];
            [$felt, $hooked] = $touchFirst ? [$this->tap($touch, 20), $this->tap($fish)]
                : array_reverse([$this->tap($fish), $this->tap($touch, 20)]);
            self::assertSame([$hooked, false], [$this->event($felt)->became, $this->event($felt)->undone_at === null]);
            self::assertSame('lift', $this->event($hooked)->came?->value);
            $this->travel(5)->minutes();
        }
        self::assertSame(2, Event::query()->standing()->bites()->count());
        $listed = (array) json_decode((string) json_encode($this->get('/fish')->viewData('page')['props']['outing']), true);
        self::assertSame([2, 2], [$listed['tally']['touches'], $listed['tally']['landed']]);
    }

    public function test_a_minute_is_the_most_and_another_rod_is_another_bite(): void
    {
        $this->tap(['kind' => 'touch'], 61);
        $this->tap(['kind' => 'fish', 'species' => 'walleye']);
        self::assertSame(2, Event::query()->standing()->bites()->count());
        $this->travel(5)->minutes();
        $this->tap(['kind' => 'touch'], 60);
        $this->tap(['kind' => 'fish', 'species' => 'walleye', 'came' => 'fall']);
        self::assertSame(3, Event::query()->standing()->bites()->count());
        $this->travel(5)->minutes();
        $other = (string) Str::uuid();
        $this->tap(['kind' => 'touch'], 5);
        $this->post('/rods', ['uuid' => $other, 'name' => 'Other rod'])->assertSessionHasNoErrors();
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'rod' => $other, 'hole' => 'front', 'cadence' => 'low_hop',
            'lure' => $this->angler->lures()->where('finish', 'gold')->firstOrFail()->id,
        ])->assertSessionHasNoErrors();
        $this->tap(['kind' => 'fish', 'species' => 'walleye', 'rod' => $other]);
        self::assertSame(5, Event::query()->standing()->bites()->count());
    }

    public function test_a_drop_heard_late_parts_them_and_a_touch_taken_back_is_no_part_of_a_fish(): void
    {
        $touch = $this->tap(['kind' => 'touch'], 40);
        $this->tap(['kind' => 'fish', 'species' => 'walleye']);
        self::assertNotNull($this->event($touch)->became);
        $this->tap(['kind' => 'drop'], 20);
        self::assertNull($this->event($touch)->became);
        self::assertSame(2, Event::query()->standing()->bites()->count());
        $this->travel(5)->minutes();
        $second = $this->tap(['kind' => 'touch'], 10);
        $fish = $this->tap(['kind' => 'fish', 'species' => 'walleye']);
        $this->tap(['do' => 'undo', 'event' => $second, 'said' => self::iso(now())]);
        self::assertSame([null, false], [$this->event($second)->became, $this->event($second)->undone_at === null]);
        $this->tap(['do' => 'undo', 'event' => $fish, 'said' => self::iso(now())]);
        self::assertSame(2, Event::query()->standing()->bites()->count(), 'nothing of it comes back');
    }

    public function test_what_was_logged_double_before_stays_as_it_was(): void
    {
        $setup = Setup::query()->sole();
        foreach (['touch', 'fish'] as $i => $kind) {
            Event::query()->create([
                'user_id' => $this->angler->id, 'outing_id' => $this->outing->id, 'setup_id' => $setup->id, 'uuid' => (string) Str::uuid(),
                'kind' => $kind, 'species' => $kind === 'fish' ? 'walleye' : null, 'landed' => $kind === 'fish' ? true : null,
                'at' => now()->subMinutes(10)->addSeconds($i),
            ]);
        }
        $this->tap(['kind' => 'drop']);
        self::assertSame(2, Event::query()->standing()->bites()->count());
    }

    public function test_hook_and_hold_and_end_are_kept_and_told(): void
    {
        $fish = $this->tap([
            'kind' => 'fish', 'species' => 'walleye', 'landed' => true, 'hook' => 'rear', 'held' => 'inside', 'over' => self::iso(now()),
        ], 40);
        $event = $this->event($fish);
        self::assertSame(['rear', 'inside', 40], [
            $event->hook?->value, $event->held?->value, (int) $event->at->diffInSeconds($event->over_at),
        ]);
        $outing = json_encode($this->get('/fish')->viewData('page')['props']['outing']);
        self::assertStringContainsString('rear hook, hooked deep', (string) $outing);
        $this->tap(['do' => 'amend', 'event' => $fish, 'said' => self::iso(now()), 'held' => 'lip']);
        self::assertSame('lip', $this->event($fish)->held?->value);
        self::assertStringContainsString(',rear,lip,', (string) $this->get('/log.csv')->getContent());
        // An end before the fish was on, or hours later, is no end.
        foreach ([now()->subHour(), now()->addMinute()] as $i => $over) {
            $told = $this->tap(['kind' => 'fish', 'species' => 'walleye', 'over' => self::iso($over)], $i * 5_000);
            self::assertNull($this->event($told)->over_at);
        }
        $this->tap(['kind' => 'fish', 'species' => 'walleye', 'held' => null, 'hook' => null]);
    }

    public function test_a_scale_is_believed_before_an_estimate_and_a_girth_before_the_length_alone(): void
    {
        $told = fn (): string => str_replace("\u{A0}", ' ', Event::query()->where('kind', 'fish')->get()->map(
            static fn (Event $event): string => EventWords::of($event, EventKind::Fish, UnitSet::imperial()),
        )->implode(' | '));
        $fish = $this->tap(['kind' => 'fish', 'species' => 'walleye', 'length' => '20 in']);
        self::assertStringContainsString('about 3.1 lb', $told());
        $this->tap(['do' => 'amend', 'event' => $fish, 'said' => self::iso(now()), 'girth' => '12 in']);
        self::assertStringContainsString('about 3.6 lb', $told());
        $this->tap(['do' => 'amend', 'event' => $fish, 'said' => self::iso(now()), 'scale' => '3.5 3.9 3.8']);
        self::assertStringContainsString('3.8 lb on the scale', $told());
        $this->postJson("/outings/{$this->outing->uuid}/taps", ['angler' => $this->angler->id, 'taps' => [
            ['do' => 'amend', 'uuid' => (string) Str::uuid(), 'event' => $fish, 'said' => self::iso(now()), 'scale' => '300 kg'],
        ]])->assertJsonPath('refused.0.why', "A fish weighs between 0.01 and 132\u{A0}lb. Read the scale again.");
    }

    public function test_how_a_fouled_lure_flew_is_weighed_by_the_record(): void
    {
        $flew = ['straight', 'straight', 'straight', 'straight', 'straight', 'spinning'];
        foreach ($flew as $i => $how) {
            $foul = $this->tap(['kind' => 'foul'], 100 - 10 * $i);
            $this->tap(['do' => 'amend', 'event' => $foul, 'said' => self::iso(now()), 'flew' => $how]);
            self::assertSame($how, $this->event($foul)->flew?->value);
        }
        $schools = json_encode($this->get('/look-back')->viewData('page')['props']['schools'], JSON_UNESCAPED_UNICODE);
        self::assertStringContainsString('Of 6 fouled casts five flew straight', (string) $schools);
        $drop = $this->tap(['kind' => 'drop']);
        $this->tap(['do' => 'amend', 'event' => $drop, 'said' => self::iso(now()), 'flew' => 'straight']);
        self::assertNull($this->event($drop)->flew, 'only what fouled flew');
    }

    public function test_being_back_down_at_once_is_told_once_there_are_enough_fish(): void
    {
        $setup = Setup::query()->sole();
        $at = now()->subHours(12);
        $this->outing->update(['started_at' => $at->copy()->subHour()]);
        $setup->update(['tied_at' => $at->copy()->subHour()]);
        $log = fn (string $kind, Carbon $when, array $more = []) => Event::query()->create([
            'user_id' => $this->angler->id, 'outing_id' => $this->outing->id, 'setup_id' => $setup->id, 'uuid' => (string) Str::uuid(),
            'kind' => $kind, 'at' => $when, ...$more,
        ]);
        // Eight fish after which it was down in 20 s and bit again within five minutes, eight after which it took ten minutes and did not.
        foreach (range(0, 15) as $i) {
            $quick = $i < 8;
            $log('fish', $at, ['species' => 'walleye', 'landed' => $i % 2 === 0, 'over_at' => $at->copy()->addSeconds(60)]);
            $log('drop', $at->copy()->addSeconds($quick ? 80 : 660));
            $log('touch', $at->copy()->addSeconds($quick ? 80 + 299 : 660 + 301));
            $at = $at->copy()->addMinutes(40);
        }
        $stages = (array) json_decode((string) json_encode($this->get('/look-back')->viewData('page')['props']['stages']), true);
        self::assertSame([['within half a minute', 8, 8], ['later than that', 0, 8]], array_map(
            static fn (array $class): array => [$class['words'], $class['share']['count'], $class['share']['of']], $stages['backDown'],
        ));
    }
}
