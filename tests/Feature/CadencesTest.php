<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use Eskith\Core\Cadence\Cadence;
use Eskith\Telling\Settings\Settings;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

final class CadencesTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->angler = $this->anglerOnTheLake();
        $this->actingAs($this->angler);
    }

    public function test_numbers_of_ones_own_are_kept_as_typed_and_used_wherever_the_cadence_is_told(): void
    {
        $key = $this->angler->lures()->where('finish', 'white')->where('family', 'blade')->sole()->id.'.middle.low_hop';
        $chosen = fn (): array => $this->getJson("/answer?pick={$key}")->json('chosen');
        $before = $chosen();
        $this->put(
            '/cadences/low_hop', ['lift' => '7 in', 'seconds' => '0.6', 'pause' => '5 s'],
        )->assertSessionHasNoErrors()->assertSessionHas('said', 'Low hop is kept with your numbers.');

        $this->get('/cadences')->assertInertia(fn (Page $page) => $page->component('Cadences')->has('cadences', count(Cadence::cases()))
            ->where('cadences.2.lift', '7 in')->where(
                'cadences.2.seconds', '0.6',
            )->where('cadences.2.pause', '5')->where('cadences.2.own', true)
            ->where('cadences.2.usual', "4\u{A0}in over 0.3\u{A0}s, then 2\u{A0}s still")->where('cadences.0.own', false));
        $after = $chosen();
        self::assertSame(["lift 7\u{A0}in over 0.6\u{A0}s", 'down on a tight line', "wait 5\u{A0}s"], $after['cadenceSteps']);
        self::assertSame("middle hole · low hop, 7\u{A0}in", $after['subtitle']);
        self::assertEqualsWithDelta(0.1778, $after['drop']['liftM'], 1e-9);
        self::assertSame($before['points'], $after['points'], 'numbers do not change the choice');
        self::assertStringContainsString(
            "lift 7\u{A0}in", (string) html_entity_decode((string) $this->get("/boat-card.html?pick={$key}")->getContent()),
        );

        $this->delete('/cadences/low_hop')->assertSessionHas('said', 'Low hop is back to the usual.');
        $this->delete('/cadences/low_hop')->assertSessionHasNoErrors();
        self::assertSame($before['cadenceSteps'], $chosen()['cadenceSteps']);
    }

    public function test_the_cast_is_worked_back_by_the_numbers_kept(): void
    {
        $this->putJson('/readings', ['readings' => ['how' => 'cast']]);
        $key = $this->getJson('/answer')->json('chosen.key');
        $cadence = explode('.', $key)[2];
        $work = fn (): string => $this->getJson("/cast?length=80+ft&bail=closed&pick={$key}")->assertOk()->json('work');
        $usual = $work();
        $this->put("/cadences/{$cadence}", ['lift' => '2 ft', 'seconds' => '1', 'pause' => '4'])->assertSessionHasNoErrors();

        self::assertStringContainsString("2\u{A0}ft", $work());
        self::assertNotSame($usual, $work());
    }

    public function test_what_cannot_be_is_refused_with_a_sentence_and_nothing_is_lost(): void
    {
        $this->put('/cadences/short_pop', ['lift' => '14 in', 'seconds' => '0.5', 'pause' => '1'])->assertSessionHasNoErrors();
        foreach ([
            ['lift', ['lift' => '40 ft', 'seconds' => '1', 'pause' => '1']],
            ['lift', ['lift' => 'high', 'seconds' => '1', 'pause' => '1']],
            ['lift', ['lift' => '-3 in', 'seconds' => '1', 'pause' => '1']],
            ['seconds', ['lift' => '1 ft', 'seconds' => '0', 'pause' => '1']],
            ['seconds', ['lift' => '1 ft', 'seconds' => '1e309', 'pause' => '1']],
            ['pause', ['lift' => '1 ft', 'seconds' => '1', 'pause' => '400']],
            ['pause', ['lift' => '1 ft', 'seconds' => '1', 'pause' => ['a']]], ['seconds', ['lift' => '1 ft', 'pause' => '1']],
        ] as [$field, $typed]) {
            $this->put('/cadences/short_pop', $typed)->assertSessionHasErrors($field);
        }
        $this->put('/cadences/slow_roll', ['lift' => '1 ft', 'seconds' => '1', 'pause' => '1'])->assertSessionHasErrors('cadence');
        $this->put('/cadences/moonwalk', ['lift' => '1 ft', 'seconds' => '1', 'pause' => '1'])->assertNotFound();

        self::assertSame(
            ['lift' => '14 in', 'lift_m' => 0.3556, 'seconds' => 0.5, 'pause' => 1],
            array_map(
                static fn (mixed $value): mixed => is_float($value) ? round($value, 6) : $value,
                array_diff_key($this->angler->refresh()->settings['cadences']['short_pop'], ['at' => 'when']),
            ),
        );
    }

    public function test_stored_nonsense_among_the_numbers_is_passed_over(): void
    {
        $this->angler->update(
            [
                'settings' => [
                    'cadences' => [
                        'low_hop' => ['lift' => '9 in', 'lift_m' => 900, 'seconds' => 1, 'pause' => 1], 'short_pop' => 'x',
                        'high_pop' => ['lift' => []], 7 => [],
                    ],
                ],
            ],
        );

        $this->get('/cadences')->assertOk()->assertInertia(fn (Page $page) => $page->where('cadences.2.own', false));
        $this->getJson('/answer')->assertOk();
        $this->angler->update(['settings' => ['cadences' => 'all']]);
        $this->get('/cadences')->assertOk();
    }

    public function test_the_two_ways_down_stand_side_by_side_with_their_times(): void
    {
        Lure::factory()->for($this->angler)->create(['family' => 'spoon', 'finish' => 'silver', 'holes' => []]);
        $this->get('/cadences')->assertInertia(fn (Page $page) => $page->has('falls', 4)
            ->where('falls.0.value', 'controlled')->where('falls.0.followed', true)->where('falls.1.followed', false)
            ->where('falls.2.value', 'slack')->where('falls.2.followed', true)
            ->where(
                'timed',
                fn (string $timed): bool => (bool) preg_match('/^Estimated in 26.ft: .* blade after a high pop, .* spoon\.$/u', $timed),
            ));
        $times = array_column($this->props('/cadences')['falls'], 'time', 'value');
        preg_match('/([\d.]+)/', $times['slack'], $slack);
        preg_match('/([\d.]+)/', $times['taut'], $taut);
        self::assertGreaterThan(1.5 * (float) $taut[1], (float) $slack[1], 'fluttering takes its time');
        self::assertNotSame($times['controlled'], $times['free']);

        $this->put('/settings', ['spoon_fall' => 'taut'])->assertSessionHasNoErrors();
        self::assertSame(
            $times, array_column($this->props('/cadences')['falls'], 'time', 'value'), 'the times stay, whichever is followed',
        );
    }

    public function test_the_school_changes_the_drop_the_words_and_what_the_other_school_is(): void
    {
        $spoon = Lure::factory()->for($this->angler)->create(['family' => 'spoon', 'finish' => 'silver', 'holes' => []]);
        $of = fn (): array => $this->getJson("/answer?pick={$spoon->id}..flutter_drop")->json('chosen');
        $slack = $of();
        self::assertSame($spoon->id, $slack['lureId']);
        self::assertContains('follow it down with a little slack', $slack['cadenceSteps']);
        $this->put('/settings', ['spoon_fall' => 'taut', 'blade_fall' => 'free']);
        $taut = $of();

        self::assertLessThan($slack['drop']['seconds'], $taut['drop']['seconds']);
        self::assertEqualsWithDelta(
            $taut['drop']['seconds'], end($taut['drop']['fall'])['t'], 0.002, 'the fall that is drawn is the fall that is told',
        );
        self::assertContains('down on a tight line', $taut['cadenceSteps']);
        self::assertStringContainsString('Taut fall: on the bottom in', implode(' ', $slack['otherSchools']));
        self::assertStringContainsString('Slack fall: on the bottom in', implode(' ', $taut['otherSchools']));
        $blade = $this->getJson('/answer')->json('chosen');
        self::assertContains('straight back down', $blade['cadenceSteps']);
        self::assertStringContainsString('Controlled fall:', implode(' ', $blade['otherSchools']));
        $schools = array_column($this->getJson('/second-look')->json('schools'), 'words', 'school');
        self::assertArrayHasKey('controlled fall', $schools);
        self::assertNotSame('', $schools['controlled fall']);
    }

    public function test_numbers_and_schools_go_out_and_come_in_again_with_everything(): void
    {
        $this->put('/cadences/low_hop', ['lift' => '7 in', 'seconds' => '0.6', 'pause' => '5']);
        $this->put('/settings', ['blade_fall' => 'free']);

        $sound = Settings::sound($this->angler->refresh()->settings ?? []);
        self::assertSame('free', $sound['blade_fall']);
        self::assertSame('7 in', $sound['cadences']['low_hop']['lift']);
        self::assertSame($sound, Settings::sound($sound));
        self::assertSame([], Settings::sound(['blade_fall' => 'up', 'cadences' => ['low_hop' => 1], 'other' => 1]));
    }

    /** @return array<string, mixed> */
    private function props(string $address): array
    {
        return $this->get($address)->viewData('page')['props'];
    }
}
