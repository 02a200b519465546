<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RuleChoice;
use App\Models\User;
use App\Readings\TodaysReadings;
use Eskith\Core\Water\Runs;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\TestCase;

/** Fish that hang in the water, casts, weed, and a boat or none: what is drawn and said of them. */
final class CastAndHangTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_fish_that_hang_are_fished_at_their_depth_and_the_count_says_where_to_stop(): void
    {
        $this->put('/readings', ['readings' => ['depth' => '8 m', 'zone' => 'suspended']]);
        $assumed = $this->getJson('/answer')->json();
        self::assertSame(
            "How deep do they hang? Read it off the sonar; half the depth, 13\u{A0}ft, is taken till then.", $assumed['lead'],
        );
        self::assertSame(['depth of the fish', true], [$assumed['wanted'], str_ends_with($assumed['column']['fishText'], ', assumed')]);

        $answer = $this->putJson('/readings', ['readings' => ['fish_depth' => '3 m']])->json();
        $drop = $answer['chosen']['drop'];
        self::assertEqualsWithDelta([5.0, 5.0], [$drop['heldM'], $drop['line'][0]['h']], 1e-3);
        self::assertSame('to the fish', $drop['downTo']);
        self::assertEqualsWithDelta(5.0, $answer['column']['fishM'], 1e-3);
        $bottom = $this->putJson('/readings', ['readings' => ['zone' => 'bottom']])->json('chosen.drop');
        self::assertGreaterThan($drop['seconds'], $bottom['seconds']);
        $this->put('/readings', ['readings' => ['zone' => 'suspended']]);
        $said = json_encode($this->getJson('/answer')->json('chosen.cadenceSteps'), JSON_UNESCAPED_UNICODE);
        self::assertMatchesRegularExpression('/stop at 9.8.ft: count \d/u', (string) $said);
    }

    public function test_no_cadence_of_the_bottom_is_offered_above_it(): void
    {
        foreach (['vertical', 'cast'] as $how) {
            $this->put('/readings', ['readings' => ['zone' => 'suspended', 'fish_depth' => '2 m', 'how' => $how]]);
            foreach ($this->getJson('/answer')->json('picks') as $pick) {
                self::assertDoesNotMatchRegularExpression(
                    '/short pop|low hop|dead-stick|steady lift|clock sweep|slow pull|ride the tide/', $pick['subtitle'],
                );
            }
        }
    }

    public function test_a_cast_is_drawn_and_told_as_a_cast(): void
    {
        $this->put('/readings', ['readings' => [
            'how' => 'cast', 'depth' => '8 m', 'flow' => 'tide', 'current' => '0.3 m/s', 'drift' => '0 m/s', 'cast' => '20 m',
        ]]);
        $lands = [];
        foreach (['away', 'toward', 'across'] as $runs) {
            $answer = $this->putJson('/readings', ['readings' => ['runs' => $runs]])->json();
            $drop = $answer['chosen']['drop'];
            self::assertSame([null, '–', []], [$drop['angleDeg'], $drop['angleText'], $drop['gustLine']]);
            self::assertStringNotContainsString('leans', json_encode($answer['chosen']).$answer['lead'].$answer['headline']);
            self::assertSame('out', $answer['picks'][0]['asideWord']);
            self::assertEqualsWithDelta(20.0, $drop['cast']['path'][0]['x'], 1e-3);
            self::assertEqualsWithDelta(end($drop['cast']['path'])['x'], $drop['line'][0]['x'], 0.02, 'the line ends where it lies');
            $lands[$runs] = $drop['offsetM'];
        }
        self::assertEqualsWithDelta(40.0, $lands['away'] + $lands['toward'], 1e-3);
        self::assertEqualsWithDelta(20.0, $lands['across'], 1e-3);
        self::assertGreaterThan(21.0, $lands['away']);
        // Across it the line is taken along, and the rig says so.
        self::assertStringContainsString('sweeps it along', $this->getJson('/answer')->json('chosen.drop.cast.swept'));
        $this->get('/rig')->assertOk()->assertSee('sweeps it along');

        $closed = $this->putJson('/readings', ['readings' => ['bail' => 'closed', 'runs' => 'away']])->json('chosen.drop');
        self::assertEqualsWithDelta(sqrt(400 - 64), $closed['offsetM'], 1e-3);
        self::assertSame([], $closed['fall']);
        $short = $this->putJson('/readings', ['readings' => ['cast' => '5 m']])->json('chosen.drop');
        self::assertSame([[], null], [$short['line'], $short['cast']]);
        self::assertStringContainsString('shorter than the depth', $short['words']);
    }

    public function test_every_page_opens_for_casts_and_for_fish_that_hang(): void
    {
        foreach ([
            ['how' => 'cast'], ['how' => 'cast', 'bail' => 'closed', 'cast' => '4 m'], ['zone' => 'thermocline', 'fish_depth' => '60 m'],
            ['how' => 'cast', 'zone' => 'suspended', 'fish_depth' => '1 m', 'lies' => 'on_foot'], ['zone' => 'suspended', 'depth' => '1 m'],
        ] as $readings) {
            $this->put('/readings', ['readings' => $readings])->assertSessionHasNoErrors();
            foreach (['/lure', '/rig', '/work', '/water', '/fish', '/boat-card', '/boat-card.html', '/rules', '/second-look'] as $page) {
                self::assertSame(200, $this->get($page)->getStatusCode(), $page.json_encode($readings));
            }
        }
    }

    public function test_in_thick_weed_the_edge_goes_first_and_what_goes_through_is_named(): void
    {
        $edge = $this->putJson('/readings', ['readings' => ['bottom' => 'weed_thick', 'how' => 'cast']])->json();
        self::assertSame('Fish the outer edge of the weed', $edge['headline']);
        $this->post('/lures', [
            'uuid' => (string) Str::uuid(), 'family' => 'spoon', 'weight' => '1/2 oz', 'finish' => 'silver', 'holes' => 0, 'red' => false,
        ])->assertSessionHasNoErrors();
        $this->angler->lures()->where('family', 'spoon')->latest('id')->firstOrFail()->update(['build' => ['weedless' => true]]);
        $answer = $this->getJson('/answer')->json();
        self::assertStringEndsWith('Only the weedless silver half-ounce spoon comes through it.', $answer['lead']);
        $spoon = array_values(array_filter($answer['picks'], static fn (array $pick): bool => str_contains($pick['title'], 'spoon')))[0];
        self::assertContains('Thick weed: a weedless spoon goes through it.', array_column(
            $this->getJson("/answer?pick={$spoon['key']}")->json('chosen.reasons'), 'text',
        ));
    }

    public function test_on_foot_there_is_no_boat_in_what_is_said(): void
    {
        $this->put('/readings', ['readings' => ['lies' => 'on_foot', 'flow' => 'river', 'current' => '1.2 m/s', 'drift' => '0 m/s']]);
        $answer = $this->getJson('/answer')->json();
        self::assertDoesNotMatchRegularExpression('/boat/', $answer['headline'].$answer['lead'].json_encode($answer['chosen']['reasons']));
        self::assertTrue($answer['column']['onFoot']);
    }

    /** What is held in a current has to go with it; only a boat that outruns the water is slowed. */
    public function test_slowing_is_advised_only_where_it_helps(): void
    {
        $held = $this->putJson('/readings', ['readings' => ['flow' => 'tide', 'current' => '1.5 m/s', 'drift' => '0 m/s']])->json('lead');
        self::assertStringContainsString('let the boat go with the water, at ', $held);
        $fast = $this->putJson('/readings', ['readings' => ['flow' => 'still', 'current' => null, 'drift' => '1.5 m/s']])->json('lead');
        self::assertStringContainsString('slow to ', $fast);
    }

    public function test_what_older_records_said_of_the_flow_means_the_same(): void
    {
        DB::table('readings')->insert([
            'user_id' => $this->angler->id, 'name' => 'away', 'text' => 'yes', 'source' => 'measured', 'pinned' => false,
            'read_at' => now(),
        ]);
        $own = ['name' => 'a', 'points' => 1.0, 'when' => [['reading' => 'away', 'any' => ['yes']]], 'lures' => []];
        RuleChoice::query()->create(['user_id' => $this->angler->id, 'rule' => 'O1', 'weight' => 1.0, 'own' => $own]);
        $migration = require database_path('migrations/2026_01_01_000022_where_the_water_runs.php');
        $migration->up();

        self::assertSame('away', TodaysReadings::of($this->angler)->text('runs'));
        self::assertSame(Runs::Away, TodaysReadings::of($this->angler)->situation(0.0002)->aim->runs);
        self::assertSame([['reading' => 'runs', 'any' => ['away']]], RuleChoice::query()->sole()->own['when'] ?? null);
    }
}
