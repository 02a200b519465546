<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Reading;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class ReadingsTest extends TestCase
{
    use RefreshDatabase;

    public function test_one_way_to_fish_is_told_alone_as_the_whole_answer_tells_it(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        foreach (array_column($this->getJson('/answer')->json('picks'), 'key') as $key) {
            $whole = $this->getJson("/answer?pick={$key}")->json();
            self::assertSame(['chosen' => $whole['chosen'], 'column' => $whole['column']], $this->getJson("/way?pick={$key}")->json());
        }
        $none = $this->getJson('/way?pick=1.middle.nothing')->assertOk()->json();
        self::assertNull($none['chosen'], 'a way that is not fished');
        self::assertSame($whole['column']['depthM'], $none['column']['depthM'], 'the water is drawn all the same');
    }

    public function test_a_changed_reading_is_kept_and_answered_with_new_picks_and_a_new_column(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $slow = $this->getJson('/answer')->assertOk()->json();
        $fast = $this->putJson('/readings', ['readings' => ['drift' => '0.9 mph']])->assertOk()->json();

        self::assertSame('0.9 mph', $fast['readings']['drift']['shown']);
        self::assertSame('Nothing you own stays straight down here', $fast['headline']);
        self::assertGreaterThan(abs($slow['chosen']['drop']['angleDeg']), abs($fast['chosen']['drop']['angleDeg']));
        self::assertLessThan(0, $fast['chosen']['drop']['offsetM'], 'the lure trails behind a drifting boat');
        self::assertSame($fast, $this->getJson('/answer')->json());
    }

    public function test_a_repeat_changes_nothing(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $once = $this->putJson('/readings', ['readings' => ['depth' => "30'"]])->json();
        $count = Reading::query()->count();
        $twice = $this->putJson('/readings', ['readings' => ['depth' => "30'"]])->json();

        self::assertSame($count, Reading::query()->count());
        self::assertSame($once['picks'], $twice['picks']);
        self::assertSame("30'", $twice['readings']['depth']['shown'], 'what was typed is shown again');
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function bad(): iterable
    {
        yield 'two strokes' => ['depth', '26//2 ft', "\"26//2 ft\" can't be read as a length. Type it like 30 ft, 30' or 9 m."];
        yield 'above the surface' => ['depth', '-3 ft', "Depth must lie between 1\u{A0}ft and 492\u{A0}ft; \"-3 ft\" does not."];
        yield 'no depth' => ['depth', '0', "Depth must lie between 1\u{A0}ft and 492\u{A0}ft; \"0\u{A0}ft\" does not."];
        yield 'boiling' => ['temp', '400 °F', "Water must lie between 28\u{A0}°F and 104\u{A0}°F; \"400 °F\" does not."];
        yield 'absurd drift' => ['drift', '90 mph', "Drift must lie between -13\u{A0}mph and 13\u{A0}mph; \"90 mph\" does not."];
        yield 'another kind' => ['depth', '3 oz', "\"3 oz\" is a weight; a length is needed here, such as 30 ft, 30' or 9 m."];
        yield 'no such choice' => ['light', 'lurid', 'Light is one of bright, mixed, dim; "lurid" is not.'];
        yield 'no such food' => [
            'food', 'perch,bread', 'Food is one of perch, sunfish, golden shiner, shad, alewife, goby; "bread" is not.',
        ];
        yield 'nothing typed' => ['depth', '', "Nothing was typed. Give a length such as 30 ft, 30' or 9 m."];
    }

    #[DataProvider('bad')]
    public function test_bad_input_gets_one_sentence_and_loses_nothing(string $name, string $text, string $sentence): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $before = $this->getJson('/answer')->json('readings');

        $this->putJson(
            '/readings', ['readings' => ['clarity' => 'clear', $name => $text]],
        )->assertStatus(422)->assertJsonPath("errors.{$name}.0", $sentence);

        self::assertSame($before, $this->getJson('/answer')->json('readings'), 'none of them is kept');
    }

    public function test_odd_bodies_are_refused(): void
    {
        $this->actingAs($this->angler());
        $this->putJson('/readings', ['readings' => ['depth' => ['9 m']]])->assertStatus(422);
        $this->putJson('/readings', [])->assertStatus(422);
        $this->putJson(
            '/readings', ['readings' => ['moon' => 'full']],
        )->assertStatus(422)->assertJsonPath('message', 'There is no reading called "moon".');
        $this->putJson('/readings', ['readings' => ['depth' => str_repeat('9', 500)]])->assertStatus(422);
    }

    public function test_a_reading_can_be_taken_away_and_its_rules_fall_silent(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $answer = $this->putJson('/readings', ['readings' => ['temp' => null]])->assertOk()->json();

        self::assertSame('missing', $answer['readings']['temp']['source']);
        self::assertNotContains('F1', array_column($answer['chosen']['reasons'], 'rule'));
        self::assertSame('temperature', $answer['wanted']);
    }

    public function test_no_food_is_a_reading_too(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        self::assertSame('none', $this->putJson('/readings', ['readings' => ['food' => '']])->assertOk()->json('readings.food.shown'));
    }

    public function test_a_link_shows_its_readings_without_keeping_them(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $this->get('/lure?depth=12+m&light=bright')->assertInertia(fn (AssertableInertia $page) => $page
            ->where('answer.readings.depth.shown', '12 m')->where('answer.readings.depth.source', 'link')->where('answer.fromLink', true));
        $this->get('/lure')->assertInertia(
            fn (AssertableInertia $page) => $page->where('answer.readings.depth.shown', '26 ft')->where('answer.fromLink', false),
        );
        $this->get('/lure?depth=under+water')->assertOk()->assertInertia(fn (AssertableInertia $page) => $page
            ->where('answer.readings.depth.shown', '26 ft')->where(
                'trouble',
                fn (string $words) => str_contains($words, '"under water" can\'t be read'),
            ));
    }

    public function test_how_the_boat_lies_decides_where_no_speed_was_read(): void
    {
        $this->actingAs($this->anglerOnTheLake());
        $answer = $this->putJson('/readings', ['readings' => ['drift' => null, 'wind' => '10 m/s']])->json();
        self::assertNull($answer['chosen']['drop']['angleDeg'], 'neither how it lies nor its speed: nothing is known');
        self::assertStringContainsString('say how the boat lies', $answer['lead']);
        self::assertStringContainsString('drawn as if still: drift not read', $answer['chosen']['drop']['words']);
        $held = $this->putJson('/readings', ['readings' => ['lies' => 'held']])->json();
        self::assertEqualsWithDelta(0.0, $held['chosen']['drop']['angleDeg'], 1e-9);
        $answer = $this->putJson('/readings', ['readings' => ['lies' => 'drifting']])->json();

        self::assertSame("0.78\u{A0}mph", $answer['readings']['drift']['shown']);
        self::assertSame('estimated from the wind', $answer['readings']['drift']['sourceWords']);
    }

    public function test_the_schools_and_units_of_the_settings_are_followed(): void
    {
        $angler = $this->anglerOnTheLake();
        $this->actingAs($angler)->put(
            '/settings', ['hole' => 'level-lift', 'depth' => 'm', 'weight' => 'g', 'temperature' => '°C'],
        )->assertSessionHasNoErrors();
        $answer = $this->getJson('/answer')->json();

        self::assertSame('front', $answer['chosen']['hole']);
        self::assertSame("14\u{A0}g blade, white", $answer['picks'][0]['title']);
        self::assertStringContainsString('°C', $answer['chosen']['reasons'][0]['text']);
        $this->put('/settings', ['theme' => 'plaid'])->assertSessionHasErrors('theme');
    }

    public function test_a_way_that_is_asked_for_comes_along(): void
    {
        $angler = $this->anglerOnTheLake();
        $lure = $angler->lures()->where('finish', 'gold')->sole();
        $chosen = $this->actingAs($angler)->getJson("/answer?pick={$lure->id}.back.dead_stick")->json('chosen');

        self::assertSame(['back', 'dead_stick'], [$chosen['hole'], $chosen['cadence']]);
        $listed = array_column($this->getJson("/answer?pick={$lure->id}.back.dead_stick")->json('picks'), 'key', 'lureId');
        self::assertSame($chosen['key'], $listed[$lure->id], 'the list shows that way too');
        $first = $this->getJson('/answer?pick=nonsense')->json();
        self::assertSame($first['picks'][0]['key'], $first['chosen']['key']);
    }
}
