<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Event;
use Eskith\Telling\Enums\EventKind;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the phone shows before a tap has arrived is what the server says after: both are held to the same taps. */
final class TapsTest extends TestCase
{
    use RefreshDatabase;

    private int $silver;

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>}> */
    public static function deeds(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/../Interface/data/taps.json'), true) as $case) {
            yield $case['name'] => [$case['deeds'], $case['after']];
        }
    }

    /**
     * @param  list<array<string, mixed>>  $deeds
     * @param  array<string, mixed>  $after
     */
    #[DataProvider('deeds')]
    public function test_the_server_counts_as_the_phone_does(array $deeds, array $after): void
    {
        $this->travelTo(now()->startOfMinute());
        [$outing, $rods] = $this->twoRods();
        $in = 'this';
        $sent = [];
        $ids = array_map(static fn (): string => (string) Str::uuid(), $deeds);
        foreach ($deeds as $i => $deed) {
            $this->travel(2)->seconds();
            $at = now()->format('Y-m-d\TH:i:s.vP');
            $do = $deed['do'] ?? 'log';
            $in = $do === 'take_in_hand' ? $deed['rod'] : $in;
            $sent[] = ['uuid' => $ids[$i], 'do' => $do, ...match ($do) {
                'log' => ['at' => $at, 'rod' => $rods[$in], ...$deed],
                'undo', 'put_back' => ['said' => $at, 'event' => $ids[$deed['of']]],
                'amend' => ['said' => $at, 'event' => $ids[$deed['of']], ...$deed['changes']],
                'take_in_hand' => ['at' => $at, 'rod' => $rods[$in]],
                'tie_on' => ['at' => $at, 'rod' => $rods[$in], 'lure' => $this->silver, 'hole' => 'back', 'cadence' => 'short_pop'],
                'move' => ['at' => $at, 'name' => 'South hump', 'water' => 'Slate Lake'],
                default => ['at' => $at, ...$deed],
            }];
        }
        // The last twice: what arrived before changes nothing.
        foreach ([$sent, array_slice($sent, -2)] as $taps) {
            $told = $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => $taps])->assertOk()->json();
            self::assertSame([], $told['refused']);
        }
        $now = $this->now($outing);
        $now += $now['tally'];
        // What follows from these and from the events the phone alone works out.
        $after = array_diff_key($after, ['dropsSinceTouch' => true, 'touched' => true]);
        self::assertSame($after, array_intersect_key(array_replace(array_fill_keys(array_keys($after), null), $now), $after));
    }

    public function test_what_was_said_last_counts_whatever_comes_last(): void
    {
        $this->travelTo(now()->startOfMinute());
        [$outing, $rods] = $this->twoRods();
        $this->travel(10)->minutes();
        $fish = (string) Str::uuid();
        $at = static fn (int $ago): string => now()->subSeconds($ago)->format('Y-m-d\TH:i:s.vP');
        $send = fn (array ...$taps): array => $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => array_map(
            static fn (array $tap): array => ['uuid' => (string) Str::uuid(), ...$tap], $taps,
        )])->assertOk()->json();
        $send(['uuid' => $fish, 'at' => $at(300), 'rod' => $rods['this'], 'kind' => 'fish', 'species' => 'walleye']);
        // One device mends the length at 200 s, the other the species at 250 s and the length at 260 s: heard in the other order.
        $send(['do' => 'amend', 'event' => $fish, 'said' => $at(200), 'length' => '20 in']);
        $send(['do' => 'amend', 'event' => $fish, 'said' => $at(250), 'species' => 'sauger']);
        $now = $send(['do' => 'amend', 'event' => $fish, 'said' => $at(260), 'length' => '12 in']);
        $now = $this->now($outing);
        self::assertStringStartsWith('Sauger, 20 in', str_replace("\u{A0}", ' ', $now['events'][0]['words']));
        // Taken back at 150 s, put back at 100 s; the taking back is heard once more after that.
        $undo = ['do' => 'undo', 'event' => $fish, 'said' => $at(150)];
        $touches = function (array $tap) use ($send, $outing): int {
            $send($tap);

            return $this->now($outing)['tally']['touches'];
        };
        self::assertSame(0, $touches($undo));
        self::assertSame(1, $touches(['do' => 'put_back', 'event' => $fish, 'said' => $at(100)]));
        self::assertSame(1, $touches($undo));
        // The rod taken in hand last stays in hand.
        $send(['do' => 'take_in_hand', 'rod' => $rods['other'], 'at' => $at(50)]);
        $send(['do' => 'take_in_hand', 'rod' => $rods['this'], 'at' => $at(60)]);
        $inHand = array_filter($this->now($outing)['rods'], static fn (array $rod): bool => $rod['inHand']);
        self::assertSame([$rods['other']], array_column($inHand, 'uuid'));
        $told = $send(['do' => 'undo', 'event' => (string) Str::uuid(), 'said' => $at(1)], ['do' => 'dance']);
        self::assertCount(2, $told['refused']);
    }

    public function test_a_forgotten_tap_goes_to_what_was_on_the_rod_then_and_a_time_that_is_mended_moves_it(): void
    {
        $this->travelTo(now()->startOfMinute());
        [$outing, $rods] = $this->twoRods();
        $this->travel(10)->minutes();
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->silver, 'hole' => 'back', 'cadence' => 'short_pop', 'rod' => $rods['this'],
        ]);
        $this->travel(10)->minutes();
        $ago = now()->subMinutes(15)->toIso8601String();
        $tap = ['uuid' => (string) Str::uuid(), 'kind' => 'touch', 'rod' => $rods['this'], 'at' => $ago];
        $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => [$tap]])->assertOk();
        $event = Event::query()->where('uuid', $tap['uuid'])->sole();
        self::assertNotSame($this->silver, $event->setup->lure_id);
        $this->putJson("/events/{$event->uuid}", ['at' => now()->subMinutes(5)->toIso8601String()])->assertOk();
        self::assertSame($this->silver, $event->refresh()->setup()->value('lure_id'));
        foreach ([now()->subDays(3), now()->addHours(2)] as $outside) {
            $this->putJson("/events/{$event->uuid}", ['at' => $outside->toIso8601String()])
                ->assertStatus(422)->assertJsonValidationErrors('at');
        }
        $tap = [...$tap, 'uuid' => (string) Str::uuid(), 'at' => now()->subDays(3)->toIso8601String()];
        self::assertSame('The time of this entry can\'t be right.', $this->postJson("/outings/{$outing}/taps",
            ['angler' => auth()->id(), 'taps' => [$tap]])
            ->json('refused.0.why'));
    }

    public function test_a_plan_is_ticked_and_an_outing_ended_at_the_time_of_the_tap(): void
    {
        $this->travelTo(now()->startOfMinute());
        [$outing, $rods] = $this->twoRods();
        $plan = (string) Str::uuid();
        $this->post('/plans', [
            'uuid' => $plan, 'kind' => 'drift', 'name' => 'Bar',
            'fields' => ['area' => '0,0 100,0 100,100 0,100', 'toward' => '0', 'lane' => '20 m', 'speed' => '0.2 m/s', 'motor' => '1 m/s'],
        ])->assertSessionHasNoErrors();
        $this->travel(30)->minutes();
        $at = static fn (int $ago): string => now()->subSeconds($ago)->format('Y-m-d\TH:i:s.vP');
        $tick = static fn (int $number, bool $made, int $ago): array => [
            'do' => 'tick', 'uuid' => (string) Str::uuid(), 'plan' => $plan, 'number' => $number, 'made' => $made, 'at' => $at($ago),
        ];
        $late = $tick(1, true, 200);
        $taps = [$late, $tick(1, false, 150), $tick(2, true, 140), $late, ['do' => 'end', 'uuid' => (string) Str::uuid(), 'at' => $at(60)],
            ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'rod' => $rods['this'], 'at' => $at(90)],
            ['uuid' => $after = (string) Str::uuid(), 'kind' => 'drop', 'rod' => $rods['this'], 'at' => $at(30)]];
        $told = $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => $taps])->assertOk()->json();
        self::assertSame([$after], array_column($told['refused'], 'id'), 'what came after the end belongs to no outing');
        self::assertNotNull($this->now($outing)['endedAt']);
        self::assertSame([2], array_keys(\App\Models\Plan::query()->where('uuid', $plan)->sole()->made));
        $retie = ['do' => 'retie', 'uuid' => (string) Str::uuid(), 'rod' => $rods['this'], 'at' => $at(500)];
        self::assertSame([], $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => [$retie,
            $retie]])->assertOk()->json('refused'));
        $rod = \App\Models\Rod::query()->where('uuid', $rods['this'])->sole();
        self::assertEqualsWithDelta(500, $rod->retied_at?->diffInSeconds(now()), 1);
        self::assertSame(1, \App\Models\History::query()->where('rod_id', $rod->id)->count());
        $kept = \App\Models\Outing::query()->where('uuid', $outing)->sole();
        self::assertEqualsWithDelta(60, $kept->ended_at?->diffInSeconds(now()), 1);
        self::assertSame(1, $kept->events()->count());
    }

    /** @return array<string, mixed> what a device asks for once its taps have arrived */
    private function now(string $outing): array
    {
        return (array) $this->getJson("/outings/{$outing}/now")->assertOk()->json('outing');
    }

    /** @return array{string, array{this: string, other: string}} an outing with a blade on each of two rods; uuids */
    private function twoRods(): array
    {
        $this->actingAs($angler = $this->anglerOnTheLake());
        $this->silver = $angler->lures()->where('finish', 'silver')->where('family', 'blade')->firstOrFail()->id;
        $rods = [];
        foreach (['other', 'this'] as $name) {
            $rods[$name] = (string) Str::uuid();
            $this->post('/rods', ['uuid' => $rods[$name], 'name' => $name])->assertSessionHasNoErrors();
            $this->post('/tie-on', [
                'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->where('finish', 'white')->firstOrFail()->id,
                'hole' => 'middle', 'cadence' => 'low_hop',
            ])->assertSessionHasNoErrors();
        }

        return [$angler->outings()->sole()->uuid, $rods];
    }

    public function test_many_at_once_are_each_taken_or_refused_by_itself_and_a_repeat_doubles_nothing(): void
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $outing = $angler->outings()->sole()->uuid;
        $this->travel(10)->minutes();
        $tap = static fn (int $ago, array $more): array => [
            'uuid' => (string) Str::uuid(), 'at' => now()->subSeconds($ago)->format('Y-m-d\TH:i:s.vP'), ...$more,
        ];
        $taps = [
            $tap(300, ['kind' => 'drop']), $tap(200, ['kind' => 'nap']),
            $tap(150, ['kind' => 'fish', 'species' => 'walleye', 'length' => '9 ft']),
            $tap(100, ['kind' => 'touch']), ['kind' => 'drop'],
        ];
        $sent = fn (): array => $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => $taps])->assertOk()->json();
        $first = $sent();
        $now = $this->now($outing);
        self::assertSame([$outing, 1, 1], [$first['into'], $now['tally']['drops'], $now['tally']['touches']]);
        self::assertGreaterThanOrEqual($first['asOf'], $now['asOf']);
        self::assertSame([$taps[1]['uuid'], $taps[2]['uuid'], ''], array_column($first['refused'], 'id'));
        self::assertStringContainsString('A fish measures between', $first['refused'][1]['why']);
        $sent();
        self::assertSame(2, $angler->events()->count());
        // Ended elsewhere meanwhile: what was tapped before the end still belongs to it, what came after does not.
        $this->post("/outings/{$outing}/end");
        $this->travel(5)->minutes();
        $late = [$tap(400, ['kind' => 'drop']), $tap(60, ['kind' => 'drop'])];
        $told = $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => $late])->assertOk()->json();
        self::assertSame([$late[1]['uuid']], array_column($told['refused'], 'id'));
        $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => 'many'])->assertStatus(422);
        $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => array_fill(0, 201, [])])->assertStatus(422);
        $this->actingAs($this->angler())->postJson("/outings/{$outing}/taps",
            ['angler' => auth()->id(), 'taps' => $taps])->assertNotFound();
    }

    public function test_taps_of_another_angler_are_not_judged_and_those_of_an_outing_that_is_gone_are_each_refused(): void
    {
        [$outing, $rods] = $this->twoRods();
        $mine = auth()->id();
        $tap = ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'rod' => $rods['this'], 'at' => now()->toIso8601String()];
        $send = fn (?int $angler, string $to): array => $this->postJson("/outings/{$to}/taps", ['angler' => $angler,
            'taps' => [$tap]])->json();
        $this->actingAs($other = $this->angler());
        $told = $send($mine, $outing);
        self::assertSame(['eskith-taps', 'stranger', $other->id, [], []], [
            $told['form'], $told['goes'], $told['angler'], $told['taken'], $told['refused'],
        ]);
        $told = $send($other->id, $outing);
        self::assertSame(['gone', [$tap['uuid']], ['outing']], [
            $told['goes'], array_column($told['refused'], 'id'), array_column($told['refused'], 'because'),
        ]);
        self::assertArrayNotHasKey('goes', $send(null, $outing), 'whose they are has to be said');
        self::assertSame(0, Event::query()->count());
        $this->actingAs(\App\Models\User::query()->findOrFail($mine));
        self::assertSame([$tap['uuid']], $send($mine, $outing)['taken']);
    }

    public function test_what_cannot_be_read_is_refused_alone_and_what_goes_wrong_here_holds_up_no_other(): void
    {
        [$outing, $rods] = $this->twoRods();
        $tap = static fn (array $more): array => [
            'uuid' => (string) Str::uuid(), 'kind' => 'drop', 'rod' => $rods['this'], 'at' => now()->toIso8601String(), ...$more,
        ];
        $taps = [
            $tap(['kind' => 'fish', 'species' => "zander\u{7}"]), $tap([]), 'nothing',
            $tap(['kind' => 'fish', 'species' => "perch\u{FFFE}"]),
            $tap(['kind' => 'rock']), $tap([]),
        ];
        Event::creating(static fn (Event $one): ?bool => $one->kind === EventKind::Rock ? throw new \LogicException('made up') : null);
        $told = $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => $taps])->assertOk()->json();
        self::assertSame([$taps[1]['uuid'], $taps[5]['uuid']], $told['taken']);
        self::assertSame([$taps[0]['uuid'], '', $taps[3]['uuid'], $taps[4]['uuid']], array_column($told['refused'], 'id'));
        self::assertSame(['species', 'do', 'species', 'trouble'], array_column($told['refused'], 'because'));
    }

    public function test_a_clock_that_was_wrong_is_asked_about(): void
    {
        [$outing, $rods] = $this->twoRods();
        $told = [];
        foreach ([-1440, 1440, -20, 20, 5] as $minutes) {
            $at = now()->addMinutes($minutes)->toIso8601String();
            $answer = $this->postJson("/outings/{$outing}/taps", ['angler' => auth()->id(), 'taps' => [
                ['uuid' => (string) Str::uuid(), 'kind' => 'drop', 'rod' => $rods['this'], 'at' => $at, 'tapped' => $at],
            ]])->json();
            $told[] = $answer['refused'][0]['because'] ?? 'taken';
        }
        self::assertSame(['at', 'at', 'at', 'at', 'taken'], $told);
    }
}
