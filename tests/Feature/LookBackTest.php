<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Kits\Kits;
use App\Kits\Learned;
use App\Models\Event;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Readings\TodaysReadings;
use Eskith\Core\Record\RecordRule;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** Look back: figures as the command line gives them, filters in the address, and what the record brings to the choice. */
final class LookBackTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo(now()->startOfMinute());
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_an_empty_record_says_so_and_a_name_of_nothing_asks_for_the_usual(): void
    {
        $this->get('/look-back?by=luck&band=soup&year=ever&who=them&water=Nowhere')->assertOk()->assertInertia(
            fn (Page $page) => $page->component('LookBack')->where('headline', 'Nothing is kept yet that could be compared')
                ->where('rates.factor', 'hole')->where('findings', [])->where('repeat', null)->has('schools', 6)
                ->where('schools.0.standing', 'thin'),
        );
        $this->get('/look-back/trust')->assertOk()->assertInertia(fn (Page $page) => $page->component('Trust')->where('trust.0.pairs', 0));
        $this->get('/season.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->get('/season.html')->assertOk()->assertSee('Nothing is kept of that');
    }

    public function test_its_figures_are_those_of_the_command_line(): void
    {
        $days = [[7, 2], [5, 3], [8, 1], [6, 2]];
        foreach ($days as $i => $touches) {
            $this->outing(20 - $i, '37 F', [['middle', $touches[0], 120], ['front', $touches[1], 90]]);
        }
        $page = $this->props('/look-back?by=hole');
        $cases = [array_map(static fn (int $of, float $hours): array => [
            'key' => "g{$of}", 'outings' => array_map(static fn (array $day): array => [$day[$of], $hours], $days),
        ], [0, 1], [2.0, 1.5])];
        $best = $this->cli('best', [['groups' => $cases[0]]]);
        foreach (['middle', 'front'] as $i => $level) {
            $dot = $page['rates']['dots'][$i];
            self::assertSame($level, $dot['level']);
            self::assertEqualsWithDelta($best['groups'][$i]['mean'], $dot['mean'], 1e-3);
            self::assertEqualsWithDelta($best['groups'][$i]['q10'], $dot['low'], 1e-3);
            self::assertEqualsWithDelta($best['groups'][$i]['q90'], $dot['high'], 1e-3);
            self::assertEqualsWithDelta(100 * $best['groups'][$i]['p_best'], $dot['best'], 0.6);
        }
        $ratio = $this->cli('ratio', [['outings' => array_map(static fn (array $day): array => [$day[0], 2.0, $day[1], 1.5], $days)]]);
        self::assertEqualsWithDelta($ratio['ratio'], $page['pairs'][0]['ratio'], 1e-3);
        self::assertEqualsWithDelta($ratio['low'], $page['pairs'][0]['low'], 1e-3);
        self::assertEqualsWithDelta($ratio['high'], $page['pairs'][0]['high'], 1e-3);
        $times = number_format($ratio['ratio'], 1);
        self::assertSame("The middle hole got {$times}× the bites of the front hole", $page['headline']);
        self::assertMatchesRegularExpression(
            '/^Likely [\d.]+–[\d.]+×, at 37.°F, in the same \d outings\. 1 comparison, 1 clear\.$/u', $page['under'],
        );
        $latest = $page['pairs'][0]['within'][0];
        self::assertSame(["6 in 2.0\u{A0}h", "2 in 1.5\u{A0}h"], [$latest['more'], $latest['less']]);
        self::assertSame('clear', $page['schools'][0]['standing']);
        self::assertStringContainsString('speaks for middle-first', $page['schools'][0]['words']);
        self::assertStringContainsString('/lure?temp=37+F', $page['repeat']['address'] ?? '/lure?temp=37+F');
    }

    public function test_filters_stand_in_the_address_and_what_is_taken_away_counts_no_more(): void
    {
        $cold = $this->outing(20, '37 F', [['middle', 3, 60]]);
        $this->outing(380, '60 F', [['middle', 5, 60]]);
        $touches = fn (string $query): int => (int) ($this->props("/look-back{$query}")['rates']['dots'][0]['touches'] ?? 0);
        self::assertSame(8, $touches(''));
        self::assertSame(0, $touches('?band=0'), 'an hour is too little for a dot of its own');
        $this->outing(21, '38 F', [['middle', 4, 120]]);
        self::assertSame(7, $touches('?band=0'));
        self::assertSame(7, $touches('?year='.now()->subDays(20)->format('Y').'&band=0'));
        self::assertSame(0, $touches('?who=partners'));
        $this->delete("/outings/{$cold->uuid}");
        self::assertSame(4, $touches('?band=0'));
        $this->actingAs($this->angler());
        self::assertSame(0, $touches(''));
    }

    public function test_the_record_enters_the_choice_as_a_rule_that_can_be_weighed_and_follows_every_change(): void
    {
        for ($i = 0; $i < 6; $i++) {
            $this->outing(30 - $i, '37 F', [['middle', 1, 120, 'white'], ['front', 9, 120, 'gold']]);
        }
        $box = Kits::ranked($this->angler->refresh());
        $gold = $box->find($this->key('gold', 'front'));
        self::assertGreaterThan(0.5, $gold?->pointsBy(RecordRule::ID));
        $reason = array_values(array_filter($gold?->reasons() ?? [], static fn ($one): bool => $one->rule === RecordRule::ID))[0];
        self::assertStringStartsWith('Your record: ', $reason->text);
        self::assertMatchesRegularExpression('/gold \d\.\d× the expected bites, 54 bites in 12\.0 h/u', $reason->text);
        self::assertNotSame(1.0, $box->day->usualRate, 'patience starts from the record');
        $this->get('/rules')->assertInertia(fn (Page $page) => $page->where('asItComes', true)
            ->where('changes.sentence', 'Today this changes nothing.')
            ->where('changes.moves', fn ($moves): bool => collect($moves)->every(
                static fn (array $move): bool => $move['beforePoints'] === $move['afterPoints'],
            )));

        $this->put('/rules/'.RecordRule::ID, ['weight' => 2])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(
            2 * $gold->pointsBy(RecordRule::ID),
            Kits::ranked($this->angler->refresh())->find($this->key('gold', 'front'))?->pointsBy(RecordRule::ID), 0.02,
        );
        $this->put('/rules/'.RecordRule::ID, ['weight' => 0]);
        self::assertSame(0.0, Kits::ranked($this->angler->refresh())->find($this->key('gold', 'front'))?->pointsBy(RecordRule::ID));

        // Nothing that was learned outlives what it was learned from.
        $before = Kits::ranked($this->angler)->learning;
        Event::query()->whereHas('setup', fn ($setup) => $setup->where('hole', 'front'))->limit(20)->get()
            ->each->update(['undone_at' => now()]);
        $after = Kits::ranked($this->angler)->learning;
        self::assertNotEquals($before, $after);
        foreach ($this->angler->outings()->get() as $outing) {
            $this->delete("/outings/{$outing->uuid}");
        }
        self::assertNull(Kits::ranked($this->angler)->learning);
    }

    public function test_what_the_rules_thought_is_kept_when_it_is_tied_on(): void
    {
        $keys = [];
        foreach (['white' => 'middle', 'gold' => 'back'] as $finish => $hole) {
            $this->post('/tie-on', [
                'uuid' => $keys[] = (string) Str::uuid(), 'lure' => $this->lure($finish), 'hole' => $hole, 'cadence' => 'low_hop',
            ])->assertSessionHasNoErrors();
        }
        [$best, $worse] = array_map(static fn (string $uuid): ?float => Setup::query()->where('uuid', $uuid)->sole()->rule_points, $keys);
        self::assertSame(0.0, $best, 'the first of the day');
        self::assertLessThan(0.0, $worse);
    }

    public function test_a_past_moment_is_set_up_again_with_its_readings_counts_and_plan(): void
    {
        $outing = $this->outing(20, '41 F', [['middle', 3, 60]]);
        $setup = $outing->setups()->sole();
        $setup->update(['lift_m' => 0.2, 'lift_s' => 0.5, 'pause_s' => 4]);
        $setup->events()->update(['kind' => 'fish', 'landed' => true]);
        $this->angler->plans()->create([
            'uuid' => (string) Str::uuid(), 'outing_id' => $outing->id, 'kind' => 'drift', 'name' => 'Old bar',
            'fields' => ['area' => '0,0 9,0 9,9'],
            'made' => [], 'put_away_at' => now()->subDays(19),
        ]);
        $repeat = $this->props('/look-back')['repeat'];
        self::assertSame($setup->uuid, $repeat['setup']);
        foreach ([1, 2] as $ignored) {
            $this->post("/repeat/{$setup->uuid}")->assertRedirect('/lure?'.http_build_query(['pick' => $setup->key()]));
        }
        $this->angler->refresh();
        $book = TodaysReadings::of($this->angler);
        self::assertSame(['41 F', '26 ft'], [$book->text('temp'), $book->text('depth')], 'what was not read then stays');
        $steps = $this->angler->settings()->cadences->of(\Eskith\Core\Cadence\Cadence::LowHop);
        self::assertEqualsWithDelta([0.2, 0.5, 4.0], [$steps->liftM, $steps->liftSeconds, $steps->pauseSeconds], 0.01, 'to the inch');
        self::assertSame(['Old bar'], $this->angler->plans()->standing()->pluck('name')->all(), 'once');
        $this->actingAs($this->angler())->post("/repeat/{$setup->uuid}")->assertNotFound();
    }

    public function test_trust_and_the_printed_season(): void
    {
        for ($i = 0; $i < 7; $i++) {
            $this->outing(30 - $i, '37 F', [['middle', 1, 100, 'white', 0.0], ['front', 6, 100, 'gold', -2.0]]);
        }
        $trust = $this->props('/look-back/trust');
        self::assertSame([0, 7], [$trust['trust'][0]['right'], $trust['trust'][0]['pairs']], 'the rules put the worse one first');
        self::assertGreaterThan(2, $trust['trust'][1]['right'], 'the record finds out');
        $html = (string) $this->get('/season.html')->assertOk()->getContent();
        self::assertStringContainsString('Seven outings, 23', str_replace("\u{A0}", ' ', $html));
        self::assertStringContainsString('Gold got ', $html);
        self::assertStringStartsWith('%PDF', (string) $this->get('/season.pdf')->getContent());
    }

    /** @return array<string, mixed> what a page is given */
    private function props(string $address): array
    {
        return json_decode((string) json_encode($this->get($address)->assertOk()->viewData('page')['props']), true);
    }

    public function test_fish_seen_following_are_shares_of_their_own_and_count_in_no_rate(): void
    {
        $outing = $this->outing(3, '38 °F', [['middle', 2, 120]]);
        $before = $this->props('/look-back?view=stages&lost=finish');
        $setup = $outing->setups()->sole();
        foreach (['followed', 'followed', 'refused', 'followed', 'refused'] as $i => $kind) {
            Event::query()->create([
                'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'setup_id' => $setup->id, 'uuid' => (string) Str::uuid(),
                'kind' => $kind, 'at' => $outing->started_at->addMinutes(10 + $i),
            ]);
        }
        $after = $this->props('/look-back?view=stages&lost=finish');
        self::assertSame([2, 5], [$after['stages']['all']['refused']['count'], $after['stages']['all']['refused']['of']]);
        self::assertSame([2, 5], array_values(array_intersect_key($after['stages']['levels'][0]['refused'], ['count' => 0, 'of' => 0])));
        self::assertSame($before['rates'], $after['rates']);
        self::assertSame($before['stages']['all']['touches'], $after['stages']['all']['touches']);
    }

    /**
     * One setup after the other: hole, touches, minutes, finish, rule points.
     *
     * @param  list<array{0: string, 1: int, 2: int, 3?: string, 4?: float}>  $setups
     */
    private function outing(int $daysAgo, string $temp, array $setups): Outing
    {
        $at = now()->subDays($daysAgo)->setTime(8, 0);
        $outing = $this->angler->outings()->create([
            'uuid' => (string) Str::uuid(), 'place' => 'Bar', 'readings' => ['temp' => $temp, 'species' => 'walleye'], 'started_at' => $at,
        ]);
        foreach ($setups as $given) {
            [$hole, $touches, $minutes] = $given;
            $setup = Setup::query()->create([
                'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'uuid' => (string) Str::uuid(),
                'lure_id' => $this->lure($given[3] ?? 'white'), 'hole' => $hole, 'cadence' => 'low_hop', 'depth_m' => 8, 'tied_at' => $at,
                'rule_points' => $given[4] ?? null,
            ]);
            for ($i = 0; $i < $touches; $i++) {
                Event::query()->create([
                    'user_id' => $this->angler->id, 'outing_id' => $outing->id, 'setup_id' => $setup->id, 'uuid' => (string) Str::uuid(),
                    'kind' => 'touch', 'at' => $at->copy()->addMinutes(5 + $i), 'depth_m' => 7.5,
                ]);
            }
            $at = $at->copy()->addMinutes($minutes);
        }
        $outing->update(['ended_at' => $at]);

        return $outing;
    }

    private function lure(string $finish): int
    {
        return (int) $this->angler->lures()->where('finish', $finish)->where('family', 'blade')->value('id');
    }

    private function key(string $finish, string $hole): string
    {
        return "{$this->lure($finish)}.{$hole}.low_hop";
    }

    /**
     * @param  list<array<string, mixed>>  $cases
     * @return array<string, mixed>
     */
    private function cli(string $verb, array $cases): array
    {
        $process = proc_open([PHP_BINARY, base_path('bin/eskith'), $verb], [['pipe', 'r'], ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        fwrite($pipes[0], json_encode($cases, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $answer = json_decode((string) stream_get_contents($pipes[1]), true, 32, JSON_THROW_ON_ERROR);
        proc_close($process);

        return $answer[0];
    }
}
