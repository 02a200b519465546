<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\Kits;
use App\Models\History;
use App\Models\Measurement;
use Eskith\Telling\Doing\Done;
use Eskith\Telling\Kit;
use Eskith\Telling\Question;
use Eskith\Telling\Tell;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Tests\Support\SendsDayTaps;
use Tests\TestCase;

/** What was measured, practised and mended with no signal: the device rests on it at once, the record has it once there is one. */
final class KeptAfloatTest extends TestCase
{
    use RefreshDatabase;
    use SendsDayTaps;

    private string $pick;

    protected function setUp(): void
    {
        parent::setUp();
        $this->beginAt('2026-11-25 09:00:00');
        $this->pick = $this->angler->lures()->firstOrFail()->id.'.middle.low_hop';
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_measurement_is_of_the_water_it_was_made_in_whenever_it_arrives(): void
    {
        $drop = $this->measured('drop', 5, ['seconds' => '14 s'], ['depth' => '40 ft']);
        $here = $this->kit();
        Carbon::setTestNow($this->at(60));
        $this->putJson('/readings', ['readings' => ['depth' => '20 ft']])->assertOk();
        foreach ([1, 2] as $twice) {
            self::assertSame([$drop['uuid']], $this->sent([$drop])['taken']);
        }
        $kept = Measurement::query()->sole();
        self::assertSame(
            ["timed over 40\u{A0}ft in 14 s", $this->at(5)->getTimestamp()], [$kept->method, $kept->measured_at->getTimestamp()],
        );
        self::assertEqualsWithDelta(Done::over($here, [$drop])->measured[0]->value, $kept->value, 1e-9, 'as the device took it');
    }

    public function test_the_device_answers_with_it_as_the_server_does(): void
    {
        foreach ([
            $this->measured('drop', 0, ['seconds' => '11 s']),
            $this->measured('start', 0, ['travel' => '6 in']),
            $this->measured('drift', 0, ['distance' => '50 ft', 'seconds' => '40 s']),
        ] as $done) {
            $before = $this->kit();
            $this->sent([$done]);
            $server = $this->getJson("/answer?pick={$this->pick}")->assertOk()->getContent();
            $rig = $this->getJson("/rig/checks?pick={$this->pick}")->assertOk()->getContent();
            // Sent once more over a kit that has it already it changes nothing.
            foreach ([Done::over($before, [$done, $done]), Done::over($this->kit(), [$done])] as $kit) {
                self::assertSame($server, Tell::json(Question::Answer->of($kit, ['pick' => $this->pick], Carbon::now())), $done['kind']);
                self::assertSame($rig, Tell::json(Question::Rig->of($kit, ['pick' => $this->pick], Carbon::now())), $done['kind']);
            }
            self::assertNotSame(
                [$server, $rig],
                [
                    Tell::json(Question::Answer->of($before, ['pick' => $this->pick], Carbon::now())),
                    Tell::json(Question::Rig->of($before, ['pick' => $this->pick], Carbon::now())),
                ],
                $done['kind'],
            );
        }
    }

    public function test_what_a_measurement_changes_is_said_before_it_is_kept_and_what_cannot_be_is_refused(): void
    {
        $ask = fn (array $given) => $this->getJson('/measured?'.http_build_query(['pick' => $this->pick, ...$given]));
        $ask(['kind' => 'drop', 'seconds' => '11 s'])->assertOk()
            ->assertExactJson(['said' => 'Kept. Seconds to the bottom use your timed drop now.']);
        $ask(['kind' => 'drop', 'seconds' => 'soon'])->assertStatus(422)->assertJsonValidationErrorFor('seconds');
        self::assertSame(0, Measurement::query()->count());
        $refused = $this->sent([
            $this->measured('drop', 0, ['seconds' => 'soon']), $this->measured('hang', 0, []),
            [...$this->measured('drop', 0, ['seconds' => '9 s']), 'pick' => '99999.middle.low_hop'], $this->measured('luck', 0, []),
            $this->measured('drop', 0, ['seconds' => '9 s'], ['depth' => 'soup']),
            [...$this->measured('drop', 0, []), 'readings' => 'soup'],
        ])['refused'];
        self::assertSame(['seconds', 'angle', 'pick', 'kind', 'depth', 'readings'], array_column($refused, 'because'));
        self::assertSame('That lure is no longer in your box. Choose another.', $refused[2]['why']);
        self::assertSame(0, Measurement::query()->count());
    }

    public function test_a_drift_that_arrives_late_takes_the_place_of_none_that_was_read_since(): void
    {
        $drift = $this->measured('drift', 5, ['distance' => '20 m', 'seconds' => '100 s'], ['wind' => '4 m/s']);
        Carbon::setTestNow($this->at(30));
        $this->putJson('/readings', ['readings' => ['drift' => '1 mph']]);
        $this->sent([$drift]);
        self::assertSame('1 mph', $this->angler->readings()->where('name', 'drift')->value('text'));
        self::assertEqualsWithDelta(0.05, Measurement::query()->sole()->value, 1e-9, 'of the wind as it blew there');
        $this->sent([$this->measured('drift', 29, ['distance' => '20 m', 'seconds' => '100 s'], ['wind' => '0.4 m/s'])]);
        self::assertSame(1, Measurement::query()->count(), 'hardly any wind');
    }

    public function test_a_lift_from_practice_is_ones_own_unless_another_was_kept_since(): void
    {
        $before = $this->kit();
        $own = $this->own('12 cm', 2);
        $done = Done::over($before, [$own]);
        Carbon::setTestNow($this->at(10));
        self::assertSame([$own['uuid']], $this->sent([$own])['taken']);
        $timing = $this->getJson("/work/timing?pick={$this->pick}")->assertOk()->getContent();
        self::assertSame($timing, Tell::json(Question::Timing->of($done, ['pick' => $this->pick], Carbon::now())));
        self::assertNotSame($timing, Tell::json(Question::Timing->of($before, ['pick' => $this->pick], Carbon::now())));

        $this->put('/cadences/low_hop', ['lift' => '9 cm', 'seconds' => '0.4', 'pause' => '3'])->assertSessionHasNoErrors();
        $this->sent([$own, $this->own('30 cm', 9)]);
        self::assertSame('9 cm', $this->lift());
        Carbon::setTestNow($this->at(20));
        $this->sent([$this->own('15 cm', 11)]);
        self::assertSame('15 cm', $this->lift());
        self::assertSame(
            ['cadence', 'lift'],
            array_column($this->sent([[...$own, 'cadence' => 'a waltz'], $this->own('9 km', 12)])['refused'], 'because'),
        );
    }

    public function test_a_plan_is_ticked_off_and_a_leader_retied_with_no_outing_under_way(): void
    {
        $plan = (string) Str::uuid();
        $this->put('/rig', [
            'uuid' => (string) Str::uuid(), 'name' => 'Vertical rod', 'length' => '6 ft 6 in', 'lifts' => '2 lb',
            'leader' => 'fluorocarbon', 'leader_strength' => '8 lb', 'leader_length' => '5 ft', 'connector' => 'direct',
        ])->assertSessionHasNoErrors();
        $rod = $this->angler->rods()->sole();
        $this->post('/plans', [
            'uuid' => $plan, 'kind' => 'fan', 'name' => 'point',
            'fields' => ['from' => '0', 'to' => '90', 'near' => '5 m', 'far' => '20 m', 'lane' => '3 m', 'seconds' => '60'],
        ])->assertSessionHasNoErrors();
        $tick = ['do' => 'tick', 'uuid' => (string) Str::uuid(), 'plan' => $plan, 'number' => 1, 'made' => true, 'at' => $this->when(3)];
        $retied = ['do' => 'retie', 'uuid' => (string) Str::uuid(), 'rod' => $rod->uuid, 'at' => $this->when(4)];
        Carbon::setTestNow($this->at(30));
        foreach ([1, 2] as $twice) {
            self::assertSame([$tick['uuid'], $retied['uuid']], $this->sent([$tick, $retied])['taken']);
        }
        self::assertSame(
            ['That rod is gone.', 'That plan is gone.'],
            array_column($this->sent([
                [...$retied, 'uuid' => (string) Str::uuid(), 'rod' => (string) Str::uuid()], [...$tick, 'plan' => (string) Str::uuid()],
            ])['refused'], 'why'),
        );
        self::assertSame([1], array_keys($this->angler->plans()->sole()->made));
        self::assertSame([$retied['uuid']], History::query()->where('user_id', $this->angler->id)->pluck('uuid')->all());
    }

    private function kit(): Kit
    {
        return Kit::read(Kits::whole($this->angler->refresh())->json());
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $readings
     * @return array<string, mixed>
     */
    private function measured(string $kind, int $minute, array $typed, array $readings = []): array
    {
        return [
            'do' => 'measure', 'uuid' => (string) Str::uuid(), 'at' => $this->when($minute), 'kind' => $kind, 'pick' => $this->pick,
            ...$typed, 'readings' => $readings,
        ];
    }

    /** @return array<string, mixed> */
    private function own(string $lift, int $minute): array
    {
        return [
            'do' => 'own_cadence', 'uuid' => (string) Str::uuid(), 'at' => $this->when($minute), 'cadence' => 'low_hop', 'lift' => $lift,
            'seconds' => '0.5', 'pause' => '4',
        ];
    }

    private function lift(): mixed
    {
        return $this->angler->refresh()->settings['cadences']['low_hop']['lift'] ?? null;
    }
}
