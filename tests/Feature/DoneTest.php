<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\Kits;
use App\Models\Lure;
use App\Models\Outing;
use App\Models\Rod;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Eskith\Core\Cadence\Cadence;
use Eskith\Telling\Doing\Done;
use Eskith\Telling\Kept\KeptEvent;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kept\KeptReading;
use Eskith\Telling\Kept\KeptSetup;
use Eskith\Telling\Kept\KeptSpot;
use Eskith\Telling\Kept\Measured;
use Eskith\Telling\Kit;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What a device makes of what was done there is what the server makes of it once it has arrived. */
final class DoneTest extends TestCase
{
    use RefreshDatabase;

    private const ACTIONS = 40;

    private User $angler;

    private Carbon $now;

    /** @var list<array<string, mixed>> as a device keeps them, each with the outing it is done to */
    private array $done = [];

    private string $outing = '';

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow($this->now = Carbon::parse('2026-11-25 07:30:00'));
        $this->seed(DemoSeeder::class);
        $this->actingAs($this->angler = User::query()->sole());
        $this->outing = Outing::query()->underWay()->sole()->uuid;
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    /** @return iterable<string, array{int}> */
    public static function days(): iterable
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            yield "day {$seed}" => [$seed];
        }
    }

    #[DataProvider('days')]
    public function test_a_drawn_day_is_known_alike_by_a_device_that_did_it_and_by_the_server_that_heard_of_it(int $seed): void
    {
        $kit = Kit::read(Kits::whole($this->angler)->json());
        $this->draw(new Randomizer(new Mt19937($seed)));
        $this->send();

        $server = Kit::read(Kits::whole($this->angler->refresh())->json());
        self::assertEquals($this->known($server), $this->known(Done::over($kit, $this->done)), (string) json_encode($this->done));
    }

    public function test_a_lure_that_stayed_down_is_off_the_rod_and_not_proposed_again(): void
    {
        $lure = $this->angler->lures()->inBox()->orderBy('id')->firstOrFail();
        $lure->update(['quantity' => 1, 'lost' => 0]);
        $kit = Kit::read(Kits::whole($this->angler)->json());
        $this->tieOn($lure->id, (string) $lure->holes[0]['name'], Cadence::LowHop);
        $this->do('log', ['kind' => 'snag', 'setup' => $this->done[0]['uuid'], 'rod' => null]);
        $this->do('amend', ['event' => $this->done[1]['uuid'], 'lure_lost' => true]);
        $after = Done::over($kit, $this->done);

        self::assertNull($after->day->inHand);
        self::assertNotContains($lure->id, array_map(static fn (KeptLure $one): int => $one->id(), $after->luresAtHand()));
        $this->do('undo', ['event' => $this->done[1]['uuid']]);
        self::assertContains(
            $lure->id, array_map(static fn (KeptLure $one): int => $one->id(), Done::over($kit, $this->done)->luresAtHand()),
        );
    }

    public function test_an_outing_that_begins_on_the_device_is_in_view_there_and_nothing_else_is_changed_by_what_is_none(): void
    {
        $kit = Kit::read(Kits::whole($this->angler)->json());
        $this->do('end', []);
        $ended = Done::over($kit, $this->done);
        self::assertSame([null, '', []], [$ended->day->outing, $ended->day->place, $ended->depths]);
        $this->begin();
        $this->tieOn($this->angler->lures()->inBox()->firstOrFail()->id, 'middle', Cadence::LowHop);
        $after = Done::over($kit, $this->done);
        self::assertSame([$this->outing, $kit->here?->place], [$after->day->uuid, $after->day->place]);
        self::assertSame(Cadence::LowHop, $after->day->inHand?->cadence);

        $nonsense = [
            null, 7, 'x', [], ['do' => 'log'], ['do' => 'fly', 'at' => $this->done[0]['at']], ['do' => [], 'at' => []],
            ['do' => 'read', 'name' => 'depth', 'text' => 'soup', 'at' => $this->done[0]['at']],
            ['do' => 'move', 'spot' => 987_654, 'outing' => $this->outing, 'at' => $this->done[0]['at']],
            ['do' => 'tie_on', 'uuid' => 'a', 'lure' => 1, 'outing' => 'another', 'at' => $this->done[0]['at']],
            ['do' => 'amend', 'event' => 'unheard of', 'lure_lost' => true, 'said' => $this->done[0]['at']],
        ];
        self::assertEquals($after, Done::over($kit, [...$this->done, ...$nonsense]));
    }

    private function draw(Randomizer $random): void
    {
        $rods = $this->angler->rods()->onBoard()->where('still', false)->get()->all();
        $all = $this->angler->rods()->onBoard()->pluck('uuid')->all();
        $lures = $this->angler->lures()->inBox()->get()->filter->isAtHand()->values()->all();
        $holed = array_values(array_filter($lures, static fn (Lure $lure): bool => $lure->holes !== []));
        $spots = $this->angler->spots()->pluck('id')->all();
        $pick = static fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        $on = [];
        for ($i = 0; $i < self::ACTIONS; $i++) {
            /** @var Rod $rod */
            $rod = $pick($rods);
            $events = array_column(array_filter($this->done, static fn (array $one): bool => $one['do'] === 'log'), 'uuid');
            $isTied = isset($on["{$this->outing} {$rod->uuid}"]);
            match ($random->getInt(0, 15)) {
                0 => $this->do('read', ['name' => 'depth', 'text' => $random->getInt(4, 30).' m'], 'day'),
                1 => $this->do('read', ['name' => $pick(['temp', 'weed']), 'text' => null], 'day'),
                2 => $this->do('read', ['name' => 'light', 'text' => $pick(['dim', 'bright', 'mixed'])], 'day'),
                3, 4 => (function () use ($pick, $lures, $rod, &$on): void {
                    $lure = $pick($lures);
                    $hole = $lure->holes === [] ? null : (string) $pick($lure->holes)['name'];
                    $on["{$this->outing} {$rod->uuid}"] = $this->tieOn($lure->id, $hole, $pick(Cadence::cases()), $rod->uuid);
                })(),
                5 => $this->do('take_in_hand', ['rod' => $rod->uuid]),
                6, 7 => ! $isTied ? null : $this->do('log', ['kind' => $pick(['drop', 'touch', 'snag', 'rock']), 'rod' => $rod->uuid]),
                8 => ! $isTied ? null : $this->do('log', [
                    'kind' => 'fish', 'species' => 'perch', 'landed' => (bool) $random->getInt(0, 1), 'rod' => $rod->uuid,
                ]),
                9 => $events === [] ? null : $this->do($pick(['undo', 'undo', 'put_back']), ['event' => $pick($events)]),
                10 => $this->do('pause', ['why' => 'moving', 'rod' => $pick([null, $rod->uuid])]),
                11 => $this->do('go_on', []),
                12 => $this->do('move', [
                    ...$pick([
                        ['spot' => $pick($spots)], ['spot' => $pick($spots)], ['spot' => null, 'name' => 'New bar', 'water' => null],
                    ]),
                    'setups' => array_combine($all, array_map(static fn (): string => (string) Str::uuid(), $all)),
                ]),
                14 => $this->do('measure', [...$pick([
                    ['kind' => 'drift', 'distance' => $random->getInt(5, 40).' m', 'seconds' => '60 s'],
                    ['kind' => 'hang', 'angle' => $random->getInt(-30, 60).'°', 'pick' => self::hung($pick($holed))],
                ]), 'readings' => $pick([[], ['wind' => '4 m/s']])], 'day'),
                15 => $this->do('own_cadence', [
                    'cadence' => $pick(['low_hop', 'short_pop']), 'lift' => $random->getInt(4, 30).' cm', 'seconds' => '0.5',
                    'pause' => '3',
                ], 'day'),
                13 => $pick([true, true, false]) ? $this->do('retie', ['rod' => $rod->uuid]) : $this->endAndBegin(),
            };
        }
    }

    /** A way to fish it from its first hole. */
    private static function hung(Lure $lure): string
    {
        return "{$lure->id}.".($lure->holes[0]['name'] ?? '').'.low_hop';
    }

    private function endAndBegin(): void
    {
        $this->do('end', []);
        $this->begin();
    }

    private function begin(): void
    {
        $this->outing = (string) Str::uuid();
        $this->do('begin', [], 'day', $this->outing);
    }

    private function tieOn(int $lure, ?string $hole, Cadence $cadence, ?string $rod = null): string
    {
        return $this->do('tie_on', ['lure' => $lure, 'hole' => $hole, 'cadence' => $cadence->value, 'rod' => $rod]);
    }

    /**
     * Three minutes after the one before: further apart than where a touch becomes a fish, or a move was only passing by.
     *
     * @param  array<string, mixed>  $fields
     */
    private function do(string $what, array $fields, ?string $outing = null, ?string $uuid = null): string
    {
        $uuid ??= (string) Str::uuid();
        $at = $this->now->copy()->addMinutes(3 * (1 + count($this->done)))->toIso8601ZuluString('millisecond');
        $this->done[] = [
            'do' => $what, 'uuid' => $uuid, isset($fields['event']) ? 'said' : 'at' => $at, 'outing' => $outing ?? $this->outing,
            ...$fields,
        ];

        return $uuid;
    }

    private function send(): void
    {
        Carbon::setTestNow($this->now->copy()->addHours(4));
        foreach ($this->done as $tap) {
            $to = $tap['outing'] === 'day' ? '/taps' : "/outings/{$tap['outing']}/taps";
            $answer = $this->postJson($to, ['angler' => $this->angler->id, 'taps' => [array_diff_key($tap, ['outing' => 1])]])->assertOk();
            self::assertSame([], $answer->json('refused'), (string) json_encode($tap));
        }
    }

    /** @return array<string, mixed> of a kit what answers rest on, without the ids of rows */
    private function known(Kit $kit): array
    {
        $places = array_column($kit->hand->spots(), 'place', 'id');
        $setups = array_column($kit->day->setups, 'uuid', 'id');
        $second = static fn (?float $at): ?int => $at === null ? null : (int) floor($at);
        $readings = array_combine(
            array_column($kit->readings, 'name'),
            array_map(static fn (KeptReading $one): array => [
                $one->name === 'spot' ? $places[(int) $one->text] ?? $one->text : $one->text, $one->source, $one->readAt?->getTimestamp(),
            ], $kit->readings),
        );
        ksort($readings);
        $bites = array_map(static fn (KeptEvent $one): array => [
            $one->uuid, $one->kind, $setups[$one->setup] ?? $one->setup, $second($one->at),
        ], array_filter($kit->day->events, static fn (KeptEvent $one): bool => $one->isBite()));
        sort($bites);
        $rods = array_map(static fn ($rod): array => [$rod->uuid, $rod->worn], $kit->hand->rods());
        $spots = array_map(static fn (KeptSpot $spot): array => [$spot->place, $spot->water], $kit->hand->spots());
        sort($spots);

        return [
            'readings' => $readings,
            'setups' => array_map(static fn (KeptSetup $one): array => [
                $one->uuid, $one->rod, $one->lure, $one->hole, $one->cadence, $places[(int) $one->spot] ?? $one->spot, $one->finish,
                $second($one->tiedAt), $second($one->untilAt), $second($one->endedAt),
            ], $kit->day->setups),
            'bites' => $bites,
            'pauses' => array_map(static fn ($one): array => [$one->rod, $second($one->from), $second($one->until)], $kit->day->pauses),
            'outing' => [$kit->day->uuid, $kit->day->place, $places[(int) $kit->day->spot] ?? $kit->day->spot],
            'in hand' => [$kit->day->rodInHand, $kit->day->inHand, $kit->hand->rod(), $kit->hand->worn(), $kit->hand->pace()?->landed],
            'here' => [$kit->here, $kit->line],
            'rods' => $rods,
            'measured' => array_map(
                static fn (Measured $one): array => [...(array) $one, 'value' => round($one->value, 9)], $kit->measured,
            ),
            'cadences' => $kit->set['cadences'] ?? [],
            'spots' => $spots,
        ];
    }
}
