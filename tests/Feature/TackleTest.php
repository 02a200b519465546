<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Str;
use Tests\TestCase;

final class TackleTest extends TestCase
{
    use RefreshDatabase;

    public function test_a_lure_is_put_in_once_and_can_be_fished_at_once(): void
    {
        $this->actingAs($this->angler());
        self::assertSame('Your box is empty', $this->getJson('/answer')->json('headline'));
        $lure = $this->lure();
        $this->post('/lures', $lure)->assertSessionHasNoErrors()->assertRedirect('/tackle');
        $this->post('/lures', $lure)->assertRedirect('/tackle');

        $row = Lure::query()->sole();
        self::assertEqualsWithDelta(0.0177185, $row->mass_kg, 1e-6);
        self::assertSame(
            ['5/8 oz', ['front', 'middle', 'back'], null],
            [$row->mass_text, array_column($row->holes, 'name'), $row->balance_x],
        );
        self::assertSame('Tie on the gold five-eighths-ounce blade', $this->getJson('/answer')->json('headline'));
    }

    public function test_bad_lures_are_refused_in_words(): void
    {
        $this->actingAs($this->angler());
        $this->post('/lures', [...$this->lure(), 'weight' => '5//8 oz'])->assertSessionHasErrors(
            ['weight' => '"5//8 oz" can\'t be read as a weight. Type it like 5/8 oz or 18 g.'],
        );
        $this->post('/lures', [...$this->lure(), 'weight' => '0 g'])->assertSessionHasErrors(
            ['weight' => 'A lure weighs more than 0.'],
        );
        $this->post('/lures', [...$this->lure(), 'weight' => '4 lb'])->assertSessionHasErrors(
            ['weight' => "A lure weighs at most 18\u{A0}oz."],
        );
        $this->post('/lures', [...$this->lure(), 'finish' => ''])->assertSessionHasErrors(
            ['finish' => 'Say which finish the lure has, such as silver.'],
        );
        $this->post('/lures', [...$this->lure(), 'holes' => 9])->assertSessionHasErrors(['holes' => 'A lure has 0 to 4 line holes.']);
        self::assertSame(0, Lure::query()->count());
    }

    public function test_pages_beside_the_stations_work_out_no_choice(): void
    {
        $this->actingAs($angler = $this->anglerOnTheLake());
        $asked = [];
        \DB::listen(static function (\Illuminate\Database\Events\QueryExecuted $query) use (&$asked): void {
            $asked[] = $query->sql;
        });
        $this->get('/lure')->assertOk();
        $choosing = static fn (string $sql): bool => str_contains($sql, 'from "rule_choices"');
        self::assertNotSame([], array_filter($asked, $choosing));
        $asked = [];
        foreach (['/gear', '/settings', '/account', '/outings', '/look-back', '/tackle/'.$angler->lures()->firstOrFail()->id] as $path) {
            $this->get($path)->assertOk();
        }
        self::assertSame([], array_filter($asked, $choosing));
    }

    public function test_a_lure_without_holes_still_gets_a_pick(): void
    {
        $this->actingAs($this->angler());
        $this->post('/lures', [...$this->lure(), 'holes' => 0]);
        $pick = $this->getJson('/answer')->json('chosen');

        self::assertNull($pick['hole']);
        self::assertNotNull($pick['drop']['seconds']);
    }

    public function test_a_lure_put_away_is_not_chosen_and_comes_back(): void
    {
        $this->actingAs($angler = $this->anglerOnTheLake());
        $white = $angler->lures()->where('finish', 'white')->where('family', 'blade')->sole();
        $before = $this->patchJson(
            '/lures', ['each' => [['id' => $white->id, 'version' => 1, 'set' => ['retired' => true]]]],
        )->assertOk()->json('before');
        self::assertNotContains($white->id, array_column($this->getJson('/answer')->json('picks'), 'lureId'));
        $this->patchJson('/lures', ['each' => $before])->assertOk();
        self::assertContains($white->id, array_column($this->getJson('/answer')->json('picks'), 'lureId'));
    }

    public function test_the_answer_asks_the_database_no_more_for_a_large_box(): void
    {
        $this->actingAs($angler = $this->anglerOnTheLake());
        $queries = function (): int {
            \DB::flushQueryLog();
            \DB::enableQueryLog();
            $this->getJson('/answer')->assertOk();

            return count(\DB::getQueryLog());
        };
        // What was learned is at hand from the second time on; another box is learned from anew.
        $queries();
        $few = $queries();
        Lure::factory()->for($angler)->count(60)->create();
        $queries();

        self::assertSame($few, $queries());
        self::assertLessThan(14, $few);
    }

    /** @return array<string, mixed> */
    private function lure(): array
    {
        return [
            'uuid' => (string) Str::uuid(), 'family' => 'blade', 'weight' => '5/8 oz', 'finish' => 'Gold', 'holes' => 3,
            'red' => false,
        ];
    }
}
