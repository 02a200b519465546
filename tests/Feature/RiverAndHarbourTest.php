<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Readings\ReadingKeeper;
use App\Tackle\Box;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\TestCase;

/** The other waters: a river under a slipping boat, a tide past a wall, a quarry's walls. */
final class RiverAndHarbourTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->angler(['depth' => 'm', 'speed' => 'm/s', 'temperature' => '°C', 'weight' => 'g']));
    }

    public function test_slipping_with_the_river_a_light_blade_hangs_straight(): void
    {
        $this->lures(['blade' => ['7 g', '14 g']]);
        $this->read(
            ['temp' => '4 °C', 'depth' => '6 m', 'flow' => 'river', 'current' => '0.55 m/s', 'drift' => '0.48 m/s', 'species' => 'walleye'],
        );
        $slipping = $this->getJson('/answer')->json();
        $anchored = $this->putJson('/readings', ['readings' => ['drift' => '0 m/s']])->json();

        self::assertLessThan(6, abs($slipping['chosen']['drop']['angleDeg']));
        self::assertGreaterThan(40, $anchored['chosen']['drop']['angleDeg']);
        self::assertGreaterThan(0, $anchored['chosen']['drop']['offsetM'], 'it lies down the river');
        self::assertSame("current 0.55\u{A0}m/s", $anchored['column']['currentText']);
    }

    public function test_in_a_river_a_leaning_line_tells_the_current(): void
    {
        $this->lures(['blade' => ['14 g']]);
        $this->read(['temp' => '6 °C', 'depth' => '5 m', 'flow' => 'river', 'current' => '0.2 m/s', 'drift' => '0 m/s']);
        $key = $this->getJson('/answer')->json('picks.0.key');
        $fix = $this->getJson("/angle-fix?pick={$key}&angle=30")->assertOk()->json();

        self::assertSame(['current'], array_keys($fix['texts']));
        self::assertStringContainsString('of current at the surface', $fix['headline']);
        $after = $this->putJson('/readings', ['readings' => $fix['texts']])->json();
        self::assertEqualsWithDelta(30, $after['chosen']['drop']['angleDeg'], 1.0, 'the current it tells gives the angle back');
    }

    public function test_a_free_line_is_carried_down_the_flow(): void
    {
        $this->lures(['blade' => ['14 g']]);
        $this->read(['temp' => '6 °C', 'depth' => '5 m', 'current' => '0.3 m/s', 'drift' => '0 m/s', 'how' => 'cast']);
        $key = $this->getJson('/answer')->json('picks.0.key');
        $open = $this->getJson("/cast?pick={$key}&length=20+m&bail=open")->assertOk()->json();

        self::assertGreaterThan(20, end($open['path'])['x']);
        self::assertStringContainsString('short of them, up the flow', $open['aim']);
        $still = $this->putJson('/readings', ['readings' => ['current' => '0 m/s']]);
        $still->assertOk();
        self::assertSame(
            'Bail open: it falls straight; cast onto the fish',
            $this->getJson("/cast?pick={$key}&length=20+m&bail=open")->json('aim'),
        );
    }

    public function test_bream_in_the_harbour_want_a_small_dark_vibe(): void
    {
        $this->lures(['blade' => ['14 g', '4.5 g'], 'spoon' => ['14 g']], 'silver');
        $this->lures(['blade' => ['3 g']], 'black');
        $this->read(
            [
                'temp' => '14 °C', 'depth' => '3.6 m', 'salt' => 'sea', 'species' => 'bream', 'how' => 'cast',
                'bottom' => 'rock', 'clarity' => 'clear', 'light' => 'bright', 'drift' => '0 m/s',
            ],
        );
        $answer = $this->getJson('/answer')->json();

        self::assertSame('Tie on the black 3 g vibe', str_replace("\u{A0}", ' ', $answer['headline']));
        self::assertSame('Casting here, start with 3 g.', str_replace("\u{A0}", ' ', $answer['lead']));
        // The longer it lies, the more of them pick it up.
        self::assertSame('dead_stick', $answer['chosen']['cadence']);
        $tide = $this->putJson('/readings', ['readings' => ['current' => '0.3 m/s', 'away' => 'yes']])->json();
        self::assertStringContainsString('ride the tide', $tide['picks'][0]['subtitle'], 'now the tide carries it');
        self::assertSame('away', collect($tide['readings'])->firstWhere('name', 'runs')['text'], 'as older pages said it');
    }

    public function test_a_wall_calls_for_a_tail_spinner(): void
    {
        $this->lures(['blade' => ['14 g'], 'tail_spinner' => ['14 g']], 'white');
        $this->read(
            [
                'temp' => '7 °C', 'depth' => '7 m', 'wall' => 'yes', 'bottom' => 'rock', 'species' => 'smallmouth',
                'how' => 'cast', 'clarity' => 'clear', 'light' => 'mixed', 'drift' => '0 m/s',
            ],
        );
        $answer = $this->getJson('/answer')->json();

        self::assertSame('wall_fall', $answer['chosen']['cadence']);
        self::assertTrue($answer['column']['wall']);
        self::assertStringContainsString("the tail spinner's place", implode(' ', array_column($answer['chosen']['reasons'], 'text')));
        self::assertContains('F4', array_column($answer['chosen']['reasons'], 'rule'));
    }

    public function test_summer_spooning_in_the_thermocline(): void
    {
        $this->lures(['blade' => ['14 g'], 'spoon' => ['14 g']], 'silver');
        $this->read(
            [
                'temp' => '18 °C', 'surface' => '24 °C', 'depth' => '11 m', 'zone' => 'thermocline', 'mood' => 'active',
                'species' => 'largemouth', 'clarity' => 'clear', 'light' => 'bright', 'drift' => '0 m/s',
            ],
        );

        self::assertSame('tall_rise', $this->getJson('/answer')->json('chosen.cadence'));
        $without = $this->putJson('/readings', ['readings' => ['surface' => null]])->json();
        self::assertNotContains('F3', array_column($without['chosen']['reasons'], 'rule'));
        self::assertNotNull($without['wanted']);
    }

    public function test_the_line_on_the_reel_changes_the_lean(): void
    {
        $this->lures(['blade' => ['14 g']]);
        $this->read(['temp' => '4 °C', 'depth' => '9 m', 'drift' => '0.15 m/s']);
        foreach ([['Thin', '0.10 mm'], ['Thick', '0.35 mm']] as [$name, $diameter]) {
            $this->post(
                '/gear',
                [
                    'uuid' => (string) Str::uuid(), 'kind' => 'main line', 'name' => $name, 'material' => 'braid',
                    'diameter' => $diameter, 'strength' => '5 kg',
                ],
            )->assertSessionHasNoErrors();
        }
        $thin = abs($this->getJson('/answer')->json('chosen.drop.angleDeg'));
        $this->put('/line', ['line' => $this->angler->lines()->where('name', 'Thick')->sole()->id]);
        $thick = abs($this->getJson('/answer')->json('chosen.drop.angleDeg'));

        self::assertGreaterThan($thin + 5, $thick);
        $this->actingAs($this->angler())->put('/line', ['line' => 1])->assertNotFound();
    }

    /** @param  array<string, list<string>>  $weights by family */
    private function lures(array $weights, string $finish = 'silver'): void
    {
        foreach ($weights as $family => $all) {
            foreach ($all as $weight) {
                Box::of($this->angler)->add((string) Str::uuid(), ['family' => $family, 'weight' => $weight, 'finish' => $finish]);
            }
        }
    }

    /** @param  array<string, string>  $texts */
    private function read(array $texts): void
    {
        ReadingKeeper::of($this->angler)->keep($texts);
    }

    public function test_a_river_whose_current_was_not_read_never_shows_an_angle(): void
    {
        $this->lures(['blade' => ['7 g', '14 g', '21 g']]);
        $this->read(['temp' => '4 °C', 'depth' => '25 ft', 'flow' => 'river', 'drift' => '1.5 mph', 'species' => 'walleye']);
        $unread = $this->getJson('/answer')->json();
        foreach ($unread['picks'] as $pick) {
            self::assertSame('–', $pick['asideText']);
            $full = $this->getJson("/answer?pick={$pick['key']}")->json('chosen');
            self::assertNull($full['drop']['angleDeg']);
            self::assertSame('–', $full['drop']['angleText']);
            self::assertSame([], array_intersect(['W1', 'H4', 'K11'], array_column($full['reasons'], 'rule')));
        }
        self::assertStringContainsString('Read the current or the line angle', $unread['lead']);
        self::assertTrue($unread['angleHelps']);
        self::assertSame(
            ['–'],
            array_values(
                array_unique(
                    array_merge(
                        ...array_map(
                            static fn (array $row): array => array_column($row['cells'], 'words'),
                            $this->getJson('/chart')->json('rows'),
                        ),
                    ),
                ),
            ),
            'no weight by angle either',
        );

        $slipping = $this->putJson('/readings', ['readings' => ['current' => '1.7 mph']])->json();
        self::assertLessThan(12, abs($slipping['chosen']['drop']['angleDeg']));
        $held = $this->putJson('/readings', ['readings' => ['drift' => null, 'lies' => 'held']])->json();
        self::assertGreaterThan(45, abs($held['chosen']['drop']['angleDeg']));
    }

    public function test_an_angle_read_at_the_rod_tells_the_flow_that_nobody_read(): void
    {
        $this->lures(['blade' => ['14 g']]);
        foreach (['river', 'tide'] as $flow) {
            $this->read(['temp' => '6 °C', 'depth' => '5 m', 'flow' => $flow]);
            $this->putJson('/readings', ['readings' => ['current' => null, 'drift' => null, 'lies' => null]]);
            $key = $this->getJson('/answer')->json('picks.0.key');
            self::assertNull($this->getJson('/answer')->json('chosen.drop.angleDeg'));
            $fix = $this->getJson("/angle-fix?pick={$key}&angle=25")->assertOk()->json();
            $after = $this->putJson('/readings', ['readings' => $fix['texts']])->assertOk()->json();
            self::assertEqualsWithDelta(25, abs($after['chosen']['drop']['angleDeg']), 1.5, $flow);
        }
    }

    public function test_a_gust_gives_a_second_worse_angle_unless_the_boat_is_held(): void
    {
        $this->lures(['blade' => ['14 g']]);
        $this->read(
            ['temp' => '4 °C', 'depth' => '8 m', 'wind' => '4 m/s', 'gust' => '6 m/s', 'lies' => 'drifting', 'species' => 'walleye'],
        );
        $drop = $this->getJson('/answer')->json('chosen.drop');
        preg_match('/^(\d+)° in the gusts$/', $drop['gustText'], $gust);
        self::assertGreaterThan(abs($drop['angleDeg']) + 5, (float) $gust[1]);
        self::assertNotSame([], $drop['gustLine']);
        self::assertStringContainsString("{$gust[1]}° in the gusts", $drop['spoken']);
        $held = $this->putJson('/readings', ['readings' => ['lies' => 'held']])->json('chosen.drop');
        self::assertSame(['', []], [$held['gustText'], $held['gustLine']]);
    }
}
