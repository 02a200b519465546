<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Models\Water;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia as Page;
use Tests\TestCase;

/** The angler's own card of sizes and bags: written down by water and fish, shown when one is on, counted through the day. */
final class CardTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    private Water $water;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
        $this->post('/spots', ['water' => 'Lake', 'spot' => 'Bar']);
        $this->water = $this->angler->waters()->sole();
        $this->put('/readings', ['readings' => ['depth' => '40 ft']]);
    }

    public function test_it_is_shown_at_the_fish_and_counts_what_was_kept(): void
    {
        $this->card(['species' => 'Walleye', 'shortest' => '15 in', 'slot_from' => '20 in', 'slot_to' => '25 in', 'bag' => '2'])
            ->assertSessionHasNoErrors();
        $this->card(['species' => 'burbot', 'closed_from' => '01-01', 'closed_to' => '12-31'])->assertSessionHasNoErrors();
        $this->water->update(['protected_fish' => 'sturgeon, smallmouths']);
        $this->post('/tie-on', [
            'uuid' => (string) Str::uuid(), 'lure' => $this->angler->lures()->firstOrFail()->id, 'hole' => 'middle', 'cadence' => 'low_hop',
        ]);
        $fish = fn (string $species, string $length, bool $kept): array => $this->postJson(
            '/outings/'.$this->angler->outings()->sole()->uuid.'/events',
            ['uuid' => (string) Str::uuid(), 'kind' => 'fish', 'species' => $species, 'length' => $length, 'kept' => $kept],
        )->assertOk()->json('outing');
        $card = static fn (array $now, string $of): array => array_column($now['species'], $of, 'value');
        $now = $fish('walleye', '14 in', false);
        self::assertSame('goes back by your card: shorter than your card says', $now['events'][0]['bite']['card']);
        self::assertSame(
            "Your card: from 15\u{A0}in, 20\u{A0}in to 25\u{A0}in goes back, 2 a day; 0 kept today.", $card($now, 'card')['walleye'],
        );
        self::assertSame('goes back by your card: within the slot', $fish('walleye', '22 in', false)['events'][0]['bite']['card']);
        self::assertSame('', $fish('walleye', '17 in', true)['events'][0]['bite']['card']);
        $now = $fish('walleye', '18 in', true);
        self::assertSame('', $now['events'][0]['bite']['card'], 'the second of two is within the bag');
        self::assertStringContainsString('2 kept today', $card($now, 'card')['walleye']);
        self::assertStringContainsString('the bag of 2 is full', $fish('walleye', '18 in', true)['events'][0]['bite']['card']);
        $now = $fish('burbot', '20 in', false);
        self::assertStringContainsString('closed today', $now['events'][0]['bite']['card']);
        self::assertStringEndsWith('Closed today.', $card($now, 'card')['burbot']);
        self::assertStringContainsString('Protected here', $card($now, 'care')['smallmouth']);
        self::assertStringContainsString('bladder has swollen', $card($now, 'care')['walleye']);
    }

    public function test_it_is_written_down_changed_and_taken_off_and_nonsense_is_refused(): void
    {
        $this->card(['species' => 'walleye', 'bag' => '4'])->assertSessionHasNoErrors();
        $this->card(['species' => 'walleye', 'bag' => '2'])->assertSessionHasNoErrors();
        $this->get('/gear')->assertInertia(fn (Page $page) => $page->has('waters.0.card', 1)
            ->where('waters.0.card.0.words', '2 a day')->where('waters.0.card.0.fields.bag', '2'));
        foreach ([
            ['species' => ''], ['species' => 'walleye'], ['species' => 'walleye', 'shortest' => '9 ft', 'longest' => '8 ft'],
            ['species' => 'walleye', 'slot_from' => '20 in'], ['species' => 'walleye', 'slot_from' => '25 in', 'slot_to' => '20 in'],
            ['species' => 'walleye', 'closed_from' => '02-30', 'closed_to' => '03-01'], ['species' => 'walleye', 'closed_from' => '02-01'],
            ['species' => 'walleye', 'bag' => 'many'], ['species' => 'walleye', 'shortest' => 'long'],
        ] as $bad) {
            $this->card($bad)->assertSessionHasErrors();
        }
        $rule = $this->angler->cardRules()->sole();
        $this->actingAs($this->angler())->delete("/card/{$rule->id}")->assertNotFound();
        $this->post("/waters/{$this->water->id}/card", ['species' => 'walleye', 'bag' => '9'])->assertNotFound();
        $this->actingAs($this->angler)->delete("/card/{$rule->id}")->assertSessionHasNoErrors();
        self::assertSame(0, $this->angler->cardRules()->count());
    }

    /** @param  array<string, string>  $fields */
    private function card(array $fields): \Illuminate\Testing\TestResponse
    {
        return $this->post("/waters/{$this->water->id}/card", $fields);
    }
}
