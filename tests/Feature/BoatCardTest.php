<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use App\Presenters\Card\BoatCard;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

/** The page for the tackle tray, and the notes and cautions that stand on it. */
final class BoatCardTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_it_holds_readings_pick_ladder_chart_and_cautions(): void
    {
        $card = $this->card();
        foreach ([
            'Tie on the white half-ounce blade', '37 F', '26 ft', 'stained', 'Middle hole, 2nd of 3 from the nose',
            '9 s to the bottom', '16° line angle',
            'Short pop: lift 12 in over 0.4 s', 'One count a second: up quick, down 1, wait 1.',
            'Change the cadence to low hop, after 10 min without a bite', 'Lightest of this box', '½ oz',
            '37 °F water. Wear the life jacket',
            'Walleye: spines and trebles', 'Local rules',
        ] as $words) {
            self::assertStringContainsString($words, $card);
        }
        self::assertStringContainsString('data:image/svg+xml', (string) $this->get('/boat-card.html')->getContent());
        $this->get('/boat-card')->assertInertia(fn (AssertableInertia $page) => $page->component('BoatCard')->where('pick', null));
    }

    public function test_another_pick_can_stand_on_it(): void
    {
        $gold = $this->angler->lures()->where('finish', 'gold')->sole()->id.'.back.dead_stick';
        $card = $this->card("?pick={$gold}");
        self::assertStringContainsString('½ oz blade, gold Back hole, 3rd of 3', $card);
        self::assertStringContainsString('Dead-stick', $card);
        self::assertStringContainsString(
            '½ oz blade, white Middle hole', $this->card('?pick=999.nowhere.float'),
            'what is not there falls back to the first',
        );
    }

    public function test_the_pdf_is_one_page_even_with_every_caution(): void
    {
        $pages = fn (): int => preg_match_all('#/Type /Page\b#', app(BoatCard::class)->pdf($this->angler, null, false));
        self::assertSame(1, $pages());
        $this->putJson(
            '/readings',
            [
                'readings' => [
                    'temp' => '33 F', 'depth' => '80 ft', 'wind' => '30 mph', 'weir' => 'yes', 'ice' => 'yes',
                    'food' => 'perch,shad,alewife', 'current' => '0.2 mph',
                ],
            ],
        )->assertOk();
        $this->spot(
            [
                'local_rules' => str_repeat('None under eighteen inches, two a day, one rod. ', 8),
                'protected_fish' => str_repeat('sturgeon, ', 11),
            ],
        );
        self::assertSame(1, $pages());
        $this->get('/boat-card.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringStartsWith('%PDF', (string) $this->get('/boat-card.pdf')->getContent());
    }

    public function test_it_says_that_it_is_time_to_move_after_three_hours_without_a_touch(): void
    {
        $this->post(
            '/tie-on',
            ['uuid' => fake()->uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'short_pop'],
        );
        $this->travel(178)->minutes();
        self::assertStringNotContainsString('Time to move', $this->card());
        self::assertNull($this->getJson('/answer')->json('move'));
        $this->travel(4)->minutes();
        self::assertStringContainsString('Time to move: no bite here for long enough', $this->card());
        self::assertStringStartsWith('Time to move', $this->getJson('/answer')->json('move'));
        $this->postJson(
            "/outings/{$this->angler->outings()->sole()->uuid}/events",
            ['uuid' => fake()->uuid(), 'kind' => 'touch', 'came' => 'fall', 'at' => now()->toIso8601String()],
        )->assertOk();
        self::assertStringNotContainsString('Time to move', $this->card(), 'the touch begins the wait anew');
    }

    public function test_an_empty_box_has_a_card_too(): void
    {
        $this->actingAs($this->angler());
        $card = $this->card();
        self::assertStringContainsString('Your box is empty', $card);
        $this->get('/boat-card.pdf')->assertOk();
    }

    public function test_lures_of_every_family_are_drawn_with_the_hole_in_use_filled(): void
    {
        Lure::query()->delete();
        foreach (['spoon', 'bladed_spoon', 'tail_spinner'] as $family) {
            Lure::query()->delete();
            Lure::factory()->for($this->angler)->create(['family' => $family, 'holes' => [], 'balance_x' => null, 'balance_y' => null]);
            self::assertStringContainsString('Tie to the eye', $this->card());
            self::assertSame(0, substr_count($this->drawing(), 'r="'), 'ellipses only');
            self::assertStringContainsString('<path d="M ', $this->drawing());
        }
        Lure::query()->delete();
        Lure::factory()->for($this->angler)->create();
        self::assertSame(2, substr_count($this->drawing(), 'fill="#fff"'), 'two holes open, one filled');
    }

    public function test_notes_of_local_rules_are_kept_and_shown_where_they_hold(): void
    {
        $spot = $this->spot();
        self::assertStringContainsString('Local rules, Made-up lake', $this->card());
        $this->put(
            "/waters/{$spot->water_id}/notes", ['rules' => 'One rod. ', 'protected' => 'sturgeon'],
        )->assertSessionHas('said', 'Noted for Made-up lake.');
        $cautions = collect($this->getJson('/answer')->json('cautions'))->keyBy('id');
        self::assertSame('One rod.', $cautions['rules']['todo']);
        self::assertStringContainsString('sturgeon', $cautions['protected']['about']);
        $this->get('/gear')->assertInertia(
            fn (AssertableInertia $page) => $page->where('waters.0.rules', 'One rod.')->where('waters.0.protectedFish', 'sturgeon'),
        );

        $this->put(
            "/waters/{$spot->water_id}/notes", ['rules' => str_repeat('x', 401)],
        )->assertSessionHasErrors(['rules' => 'Keep the notes to 400 letters.']);
        self::assertSame('One rod.', Water::query()->sole()->local_rules);
        $this->actingAs($this->angler())->put("/waters/{$spot->water_id}/notes", ['rules' => ''])->assertNotFound();
    }

    /** @param  array<string, string>  $notes */
    private function spot(array $notes = []): Spot
    {
        $this->post('/spots', ['water' => 'Made-up lake', 'spot' => 'The bar']);
        Water::query()->update($notes === [] ? ['kind' => 'lake'] : $notes);

        return Spot::query()->sole();
    }

    private function card(string $query = ''): string
    {
        $html = (string) preg_replace(
            '#<(style|title).*?</\1>#s', '', (string) $this->get("/boat-card.html{$query}")->assertOk()->getContent(),
        );

        return trim(
            (string) preg_replace(
                '/\s+/u', ' ',
                str_replace(
                    "\u{A0}", ' ',
                    html_entity_decode(strip_tags(str_replace(['</b>', '<br>', '</td>', '<span>'], ['</b>', ' ', ' ', ' '], $html))),
                ),
            ),
        );
    }

    private function drawing(): string
    {
        preg_match('#data:image/svg\+xml;base64,([^"]+)#', (string) $this->get('/boat-card.html')->getContent(), $found);

        return (string) base64_decode($found[1]);
    }
}
