<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class RigTest extends TestCase
{
    use RefreshDatabase;

    private const ROD = [
        'name' => 'Vertical rod', 'length' => '6 ft 6 in', 'lifts' => '2 lb', 'leader' => 'fluorocarbon', 'leader_strength' => '8 lb',
        'leader_length' => '5 ft', 'connector' => 'direct',
    ];

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_without_a_rod_the_usual_parts_are_taken_and_said(): void
    {
        $rig = $this->rig();

        self::assertSame('Assumed: 20 lb braid, 5 ft of 8 lb fluorocarbon leader, a small snap, a 7 ft rod.', $rig['assumed']);
        self::assertStringStartsWith('Rig is good. Drag ', $rig['headline']);
        self::assertSame(0, $this->angler->rods()->count(), 'looking keeps nothing');
    }

    public function test_a_part_changed_is_kept_and_every_check_follows(): void
    {
        $this->angler->lines()->create([
            'name' => 'Braid', 'kind' => 'braid', 'diameter_m' => 0.0002, 'diameter_text' => '0.20 mm', 'break_n' => 89.0,
            'break_text' => '20 lb', 'in_use' => false,
        ]);
        $thin = $this->angler->lines()->create([
            'name' => 'Thin mono', 'kind' => 'monofilament', 'diameter_m' => 0.00018, 'diameter_text' => '0.18 mm', 'break_n' => 18.0,
            'break_text' => '4 lb', 'in_use' => false,
        ]);
        $this->keep([])->assertSessionHasNoErrors();
        $before = $this->rig();
        self::assertSame("6\u{A0}lb", $before['holds'], '8 lb with a knot is 6.4');
        $this->keep(['line' => $thin->id, 'leader' => ''])->assertSessionHasNoErrors();
        $after = $this->rig();

        // 18 N × 0.8 = 14.4 N = 3.2 lb
        self::assertSame("3\u{A0}lb", $after['holds']);
        self::assertSame(['leader knot', 'knot at the lure'], [$before['weakest'], $after['weakest']]);
        self::assertNotSame($before['starts'], $after['starts']);
        self::assertTrue($thin->refresh()->in_use, 'it is on the reel for the drop too');
        self::assertSame(1, $this->angler->rods()->count());
        $this->get('/rig')->assertInertia(
            fn (Page $page) => $page->component('Rig')->where('rod.leader', '')->where('rod.line', $thin->id)
                ->where('rig.leader', 'no leader'),
        );
    }

    public function test_the_same_twice_and_from_a_page_of_before_is_one_rod(): void
    {
        $this->keep(['uuid' => (string) Str::uuid()]);
        $this->keep(['uuid' => (string) Str::uuid(), 'name' => 'Other']);

        self::assertSame(['Other'], $this->angler->rods()->pluck('name')->all());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function nonsense(): iterable
    {
        yield 'a leader of nothing' => [['leader_length' => '0 m'], 'leader_length', "A leader is between 0.33 and 33\u{A0}ft long."];
        yield 'a line of 1000 lb' => [['leader_strength' => '1000 lb'], 'leader_strength', "under 441\u{A0}lb"];
        yield 'a rod of 20 ft' => [['length' => '20 ft'], 'length', "A rod is between 1.3 and 16\u{A0}ft long."];
        yield 'a length in pounds' => [['length' => '7 lb'], 'length', '.'];
        yield 'a rod that lifts nothing' => [['lifts' => '0 kg'], 'lifts', "A rod lifts between 0.22 and 66\u{A0}lb."];
        yield 'no strength' => [['leader_strength' => ''], 'leader_strength', 'Say how strong the leader is, such as 8 lb.'];
        yield 'no such material' => [['leader' => 'rope'], 'leader', 'A leader is braid, fluorocarbon or monofilament, or there is none.'];
        yield 'no such joint' => [['connector' => 'glue'], 'connector', 'Say how the lure is joined: direct, ring, snap or swivel.'];
        yield 'no name' => [['name' => ' '], 'name', 'Give the rod a name, such as vertical rod.'];
        yield 'a list' => [['name' => ['a']], 'name', 'Give the rod a name, such as vertical rod.'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_in_a_sentence_and_nothing_is_kept(array $changes, string $field, string $words): void
    {
        $this->keep([]);
        $this->keep($changes)->assertSessionHasErrors($field);

        self::assertStringContainsString($words, session('errors')->first($field));
        self::assertSame(self::ROD['length'], $this->angler->rods()->sole()->length_text);
    }

    public function test_another_anglers_line_is_not_put_on(): void
    {
        $other = $this->angler();
        $line = $other->lines()->create([
            'name' => 'Theirs', 'kind' => 'braid', 'diameter_m' => 0.0002, 'diameter_text' => '0.20 mm', 'break_n' => 89.0,
            'break_text' => '20 lb', 'in_use' => false,
        ]);
        $this->keep(['line' => $line->id])->assertNotFound();

        self::assertFalse($line->refresh()->in_use);
        self::assertSame(0, $this->angler->rods()->count(), 'all of it or nothing');
    }

    public function test_readings_are_followed_kept_or_tried(): void
    {
        $key = $this->getJson('/answer')->json('chosen.key');
        $here = $this->getJson("/rig/checks?pick={$key}")->assertOk()->json();
        $deep = $this->getJson("/rig/checks?pick={$key}&depth=60+ft")->assertOk()->json();
        self::assertGreaterThan($here['lineOutM'], $deep['lineOutM']);
        self::assertGreaterThan($here['marked'], $deep['marked']);
        self::assertNull($this->found($here, 'ice')['good']);
        $this->putJson('/readings', ['readings' => ['air' => '20 °F']])->assertOk();
        $frost = $this->getJson("/rig/checks?pick={$key}")->json();
        self::assertFalse($this->found($frost, 'ice')['good']);
        self::assertStringStartsWith("Air at 20\u{A0}°F: braid ices", $this->found($frost, 'ice')['says']);
        self::assertStringStartsWith('One thing to mend: icing. Drag ', $frost['headline']);
        $this->getJson("/rig/checks?pick={$key}&depth=deep")->assertStatus(422);
        $this->getJson('/rig/checks?pick=99999.middle.low_hop')->assertStatus(422);
    }

    public function test_the_other_schools_and_what_they_trade(): void
    {
        $this->keep([]);
        $others = array_column($this->rig()['others'], null, 'label');

        self::assertSame(
            [
                "12\u{A0}lb fluorocarbon straight to the lure", "a stiff leader, 17\u{A0}lb fluorocarbon", 'a small snap',
                "a rod of 8\u{A0}ft", 'a low casting reel',
            ],
            array_keys($others),
        );
        self::assertContains('fouls less', $others["a stiff leader, 17\u{A0}lb fluorocarbon"]['trades']);
        self::assertSame(['hangs up less, wags freely, is changed quickly'], $others['a small snap']['trades']);
        $reaches = array_column($this->rig()['reaches'], null, 'material');
        self::assertTrue($reaches['braid']['mine']);
        self::assertLessThan($reaches['fluorocarbon']['down'], $reaches['monofilament']['down']);
    }

    public function test_a_rod_kept_as_nonsense_is_taken_as_usual_and_said(): void
    {
        $this->keep([]);
        DB::table('rods')->update(['length_m' => 400.0, 'lifts_kg' => -1, 'leader_n' => 1e9, 'connector' => 'glue', 'name' => "\xff\xfe"]);

        $this->get('/rig')->assertOk();
        self::assertSame(
            'Assumed: 20 lb braid, no leader, a small snap, a 7 ft rod, a rod that lifts 1 kg.', $this->rig()['assumed'],
        );
    }

    public function test_fish_and_snags_wear_the_leader_until_it_is_tied_anew(): void
    {
        $this->travelTo(now()->startOfMinute());
        $this->keep([]);
        $lure = $this->angler->lures()->firstOrFail()->id;
        $this->travel(1)->minutes();
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $lure, 'hole' => 'middle', 'cadence' => 'short_pop']);
        $outing = $this->angler->outings()->sole()->uuid;
        $log = fn (string $kind): array => $this->postJson("/outings/{$outing}/events", [
            'uuid' => (string) Str::uuid(), 'at' => now()->toIso8601String(), 'kind' => $kind,
        ])->assertSuccessful()->json('outing.rig');
        foreach (['snag', 'snag', 'drop', 'touch', 'foul', 'snag'] as $kind) {
            $log($kind);
        }
        self::assertSame("Drag 1.6\u{A0}lb, leader knot holds 6\u{A0}lb.", $log('drop')['bears']);
        self::assertStringStartsWith('3 fish, snags and rocks since the leader was tied', $this->found($this->rig(), 'line care')['says']);
        self::assertTrue($this->found($this->rig(), 'line care')['good']);
        $log('snag');
        self::assertNull($log('drop')['care']);
        self::assertSame(
            '5 fish, snags and rocks since the leader was tied: feel its last foot for nicks. '
                .'Cut it back and tie it again.',
            $log('rock')['care'],
        );
        $this->travel(1)->minutes();
        $uuid = (string) Str::uuid();
        $this->put('/rig/retied', ['uuid' => $uuid])->assertNoContent();
        $log('snag');
        $this->travel(1)->minutes();
        $this->put('/rig/retied', ['uuid' => $uuid])->assertNoContent();
        self::assertSame(
            ['Leader retied: Vertical rod, after 4 × snagged, 1 × line on rock'], $this->angler->history()->pluck('what')->all(),
        );
        $care = $this->found($this->rig(), 'line care');
        self::assertTrue($care['good']);
        self::assertStringStartsWith('One fish, snag or rock since', $care['says'], 'a repeat of an old tap forgives nothing');
        $this->put('/rig/retied', ['uuid' => 'x'])->assertSessionHasErrors('uuid');
    }

    public function test_the_hooks_of_the_lure_are_known_as_they_were_entered(): void
    {
        $lure = $this->angler->lures()->findOrFail((int) $this->getJson('/answer')->json('chosen.lureId'));
        $lure->update(['hooks' => ['front' => 6, 'rear' => 6, 'attach' => 'ring'], 'build' => ['stinger' => true]]);
        $rig = $this->rig();

        self::assertStringStartsWith(
            'On it: front 6 and rear 6, on split rings, with a stinger at the head.', $this->found($rig, 'hook setup')['says'],
        );
        self::assertStringContainsString('the belly hook is as large as the rear one', $this->found($rig, 'fouls')['says']);
        $lure->update(['hooks' => ['front' => 'big', 'attach' => 7], 'build' => ['stinger' => 'yes']]);
        self::assertStringStartsWith('Usual:', $this->found($this->rig(), 'hook setup')['says']);
    }

    public function test_a_measured_tip_travel_takes_the_place_of_the_estimate_until_it_is_taken_away(): void
    {
        $this->keep([]);
        $pick = $this->getJson('/answer')->json('chosen.key');
        $before = $this->rig()['starts'];
        $measure = fn (string $travel) => $this->post(
            '/measurements', ['uuid' => (string) Str::uuid(), 'kind' => 'start', 'pick' => $pick, 'travel' => $travel],
        );
        $measure('0.6 in')->assertSessionHasNoErrors();
        self::assertSame("0.6\u{A0}in", $this->rig()['starts']);
        self::assertStringContainsString('by the tip travel that you measured', $this->found($this->rig(), 'starts')['says']);
        // Measured again: against what was reckoned, not against what was measured before.
        $measure('0.5 in')->assertSessionHasNoErrors();
        self::assertSame("0.5\u{A0}in", $this->rig()['starts']);
        $this->get('/water?view=calibrate')->assertInertia(fn (Page $page) => $page->where('measurements.0.kind', 'start'));
        foreach ($this->angler->measurements()->pluck('uuid') as $uuid) {
            $this->delete("/measurements/{$uuid}");
        }
        self::assertSame($before, $this->rig()['starts']);
        $measure('')->assertSessionHasErrors(['travel' => 'Say how far the tip went to the first vibration, such as 2 in.']);
        $measure('40 ft')->assertSessionHasErrors('travel');
        $measure('9 ft')->assertSessionHasErrors('travel');
        $this->put('/readings', ['readings' => ['drift' => null]]);
        $measure('1 in')->assertSessionHasErrors('depth');
    }

    public function test_the_boat_card_says_how_it_is_rigged(): void
    {
        $this->keep([]);
        $this->get('/boat-card.html')->assertSee("drag 1.6\u{A0}lb, leader knot holds 6\u{A0}lb.", false)->assertDontSee('to mend');
        $this->putJson('/readings', ['readings' => ['air' => '20 °F']])->assertOk();
        $this->get('/boat-card.html')->assertSee("one thing to mend: icing. Drag 1.6\u{A0}lb", false);
    }

    public function test_an_empty_box_says_what_comes_first(): void
    {
        $this->actingAs($this->angler());
        $this->get('/rig')->assertInertia(fn (Page $page) => $page->component('Rig')->where('rig', null)->where('answer.chosen', null));
    }

    /** @param  array<string, mixed>  $changes */
    private function keep(array $changes): \Illuminate\Testing\TestResponse
    {
        return $this->put('/rig', [...self::ROD, 'uuid' => (string) Str::uuid(), ...$changes]);
    }

    /** @return array<string, mixed> */
    private function rig(): array
    {
        return $this->getJson('/rig/checks?pick='.$this->getJson('/answer')->json('chosen.key'))->assertOk()->json();
    }

    /**
     * @param  array<string, mixed>  $rig
     * @return array<string, mixed>
     */
    private function found(array $rig, string $word): array
    {
        return array_column($rig['findings'], null, 'word')[$word];
    }
}
