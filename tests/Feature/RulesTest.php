<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\RuleChoice;
use App\Models\User;
use Eskith\Core\Choosing\Chart\ChartFindings;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The angler's own version of the rule base. */
final class RulesTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_every_rule_is_listed_with_what_it_does_today(): void
    {
        $this->get('/rules')->assertInertia(fn (AssertableInertia $page) => $page->component('Rules')
            ->where('asItComes', true)
            ->where('groups.0.title', 'Which family')->has('groups', 6)
            ->where('groups.0.rules.0.id', 'F1')->where('groups.0.rules.0.today', 'affects 3 lures')
            ->where('groups.0.rules.0.says', "Blades are for cold water: best below 50\u{A0}°F, poor above 60\u{A0}°F.")
            ->where('groups.0.rules.3.today', 'waits for: wall or open bottom')
            ->where('changes.sentence', 'Today this changes nothing.')
            ->where('groups.5.title', 'Where to look first')->has('groups.5.rules', count(ChartFindings::all()))
            ->where('groups', fn ($groups): bool => collect($groups)->take(5)->pluck('rules')->flatten(1)->count() === 51));
    }

    public function test_a_rule_switched_off_or_weighed_changes_the_answer_at_once(): void
    {
        self::assertContains('C3', $this->rulesOf('white'));
        $this->put('/rules/C3', ['weight' => 0])->assertSessionHasNoErrors();
        $this->put('/rules/C3', ['weight' => 0]);
        self::assertSame(1, RuleChoice::query()->count());
        self::assertNotContains('C3', $this->rulesOf('white'));
        $this->get('/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('asItComes', false)
            ->where('changes.sentence', fn (string $words): bool => $words !== 'Today this changes nothing.')
            ->where('groups.3.rules.2.today', 'off')->where('groups.3.rules.2.most', 0));

        $this->put('/rules/F1', ['weight' => 1.5]);
        $reasons = array_column($this->getJson('/answer')->json('chosen.reasons'), 'points', 'rule');
        self::assertSame(4.5, $reasons['F1']);
        $this->put('/rules/F1', ['weight' => 9])->assertSessionHasErrors(
            ['weight' => 'Rule F1 can count from 0 to 4 times its usual points.'],
        );
        $this->put('/rules/Z9', ['weight' => 1])->assertSessionHasErrors(['rule' => 'There is no such rule.']);
        $this->put('/rules/F1', ['weight' => 'much'])->assertSessionHasErrors('weight');
    }

    public function test_all_off_still_orders_the_box_and_says_so(): void
    {
        $this->put('/rules', ['on' => false])->assertSessionHasNoErrors();
        $answer = $this->getJson('/answer')->assertOk()->json();
        self::assertSame('Every rule is switched off', $answer['headline']);
        self::assertCount(4, $answer['picks']);
        self::assertSame([0], array_values(array_unique(array_column($answer['picks'], 'points'))));
        self::assertSame([], $answer['chosen']['reasons']);
        $this->getJson('/second-look')->assertOk();
        $this->put('/rules', ['on' => true]);
        self::assertSame('Tie on the white half-ounce blade', $this->getJson('/answer')->json('headline'));
    }

    public function test_a_rule_of_ones_own_is_tried_kept_counted_and_taken_away(): void
    {
        $uuid = (string) Str::uuid();
        $tried = $this->postJson("/rules/own/{$uuid}/try", $this->gold())->assertOk()->json();
        self::assertSame('The gold half-ounce blade comes first, in place of the white half-ounce blade.', $tried['sentence']);
        self::assertSame(0, RuleChoice::query()->count(), 'trying keeps nothing');

        $this->putJson("/rules/own/{$uuid}", $this->gold());
        $this->putJson("/rules/own/{$uuid}", $this->gold());
        self::assertSame(1, RuleChoice::query()->count());
        $answer = $this->getJson('/answer')->json();
        self::assertSame('Tie on the gold half-ounce blade', $answer['headline']);
        $reason = collect($answer['chosen']['reasons'])->firstWhere('rule', $uuid);
        self::assertSame("Dim light, 37\u{A0}°F: Gold does well here.", $reason['text']);
        $this->get('/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('groups.0.title', 'Your own')
            ->where('groups.0.rules.0.own.when.1.from', '35 °F')->where(
                'groups.0.rules.0.own.asks',
                fn (string $asks): bool => str_contains($asks, 'dim light') && str_ends_with($asks, '+4 for gold blade'),
            ));

        $this->putJson("/rules/own/{$uuid}", [...$this->gold(), 'points' => -4]);
        self::assertSame('Tie on the white half-ounce blade', $this->getJson('/answer')->json('headline'));
        $this->put("/rules/{$uuid}", ['weight' => 0])->assertSessionHasNoErrors();
        $this->delete("/rules/own/{$uuid}");
        $this->delete("/rules/own/{$uuid}");
        self::assertSame(0, RuleChoice::query()->count());
    }

    public function test_what_was_typed_means_the_same_under_other_units(): void
    {
        $uuid = (string) Str::uuid();
        $this->putJson("/rules/own/{$uuid}", $this->gold());
        $this->put('/settings', ['temperature' => '°C', 'weight' => 'g']);
        self::assertSame('Tie on the gold 14 g blade', str_replace("\u{A0}", ' ', $this->getJson('/answer')->json('headline')));
        $this->get('/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('groups.0.rules.0.own.when.1.from', '35 °F'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'no name' => [['name' => ''], 'Say in a few words'];
        yield 'no points' => [['points' => 0], '1 to 6 points'];
        yield 'points in words' => [['points' => 'two'], 'must be a number'];
        yield 'no lures' => [['lures' => []], 'Say which lures'];
        yield 'lures missing' => [['lures' => null], 'must be an object'];
        yield 'a reading that no rule knows' => [['when' => [['reading' => 'salt', 'any' => ['sea']]]], '"when.0.reading" must be one of'];
        yield 'a strange reading' => [['when' => [['reading' => 'moon', 'any' => ['full']]]], '"when.0.reading" must be one of'];
        yield 'a measure that is none' => [['when' => [['reading' => 'depth', 'from' => 'deep']]], 'can\'t be read as a length'];
        yield 'a weight for a depth' => [['when' => [['reading' => 'depth', 'from' => '5 oz']]], 'a length is needed here'];
        yield 'no bound' => [['when' => [['reading' => 'depth', 'from' => '', 'to' => '']]], 'Give the depth'];
        yield 'a strange choice' => [['when' => [['reading' => 'light', 'any' => ['pink']]]], '"pink" is not'];
        yield 'a choice that is no word' => [['when' => [['reading' => 'light', 'any' => [['dim']]]]], 'list of words'];
        yield 'too many' => [['when' => array_fill(0, 9, ['reading' => 'light', 'any' => ['dim']])], 'up to 8 readings'];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('refused')]
    public function test_what_cannot_be_a_rule_is_refused_in_words(array $change, string $words): void
    {
        $uuid = (string) Str::uuid();
        foreach (['putJson' => "/rules/own/{$uuid}", 'postJson' => "/rules/own/{$uuid}/try"] as $method => $path) {
            $message = $this->{$method}($path, [...$this->gold(), ...$change])->assertUnprocessable()->json('message');
            self::assertStringContainsString($words, $message);
        }
        self::assertSame(0, RuleChoice::query()->count());
    }

    public function test_two_rules_do_not_say_the_same_and_an_id_is_an_id(): void
    {
        $this->putJson('/rules/own/'.Str::uuid(), $this->gold());
        $this->putJson(
            '/rules/own/'.Str::uuid(), [...$this->gold(), 'name' => 'gold DOES well here'],
        )->assertUnprocessable()->assertJsonValidationErrors(['name' => 'You have a rule']);
        $this->putJson('/rules/own/F1', $this->gold())->assertUnprocessable()->assertJsonValidationErrors('id');
        foreach (range(2, 40) as $i) {
            $this->putJson('/rules/own/'.Str::uuid(), [...$this->gold(), 'name' => "rule {$i}"]);
        }
        $this->putJson(
            '/rules/own/'.Str::uuid(), [...$this->gold(), 'name' => 'one too many'],
        )->assertUnprocessable()->assertJsonValidationErrors(['name' => 'room for 40']);
    }

    public function test_back_to_how_they_come_in_one_step_and_back_again_from_the_file(): void
    {
        $uuid = (string) Str::uuid();
        $this->putJson("/rules/own/{$uuid}", $this->gold());
        $this->put('/rules/F1', ['weight' => 0.5]);
        $this->put("/rules/{$uuid}", ['weight' => 2]);
        $file = $this->get('/rules.json')->assertOk()->assertHeader('Content-Type', 'application/json')->getContent();
        $headline = $this->getJson('/answer')->json('headline');

        $this->delete('/rules')->assertSessionHasNoErrors();
        self::assertSame(0, RuleChoice::query()->count());
        self::assertSame('Tie on the white half-ounce blade', $this->getJson('/answer')->json('headline'));

        $this->post(
            '/rules/import', ['file' => UploadedFile::fake()->createWithContent('rules.json', (string) $file)],
        )->assertSessionHasNoErrors();
        self::assertSame($file, $this->get('/rules.json')->getContent());
        self::assertSame($headline, $this->getJson('/answer')->json('headline'));
        $this->delete('/rules');
        $this->post('/rules/import', ['text' => $file])->assertSessionHasNoErrors();
        self::assertSame($file, $this->get('/rules.json')->getContent());
    }

    public function test_the_file_is_as_its_schema_says(): void
    {
        $this->putJson('/rules/own/'.Str::uuid(), $this->gold());
        $this->put('/rules/F1', ['weight' => 0.5]);
        $file = json_decode((string) $this->get('/rules.json')->getContent(), true);
        $schema = json_decode((string) file_get_contents(public_path('schema/rules.schema.json')), true);
        self::assertSame($schema['required'], array_keys($file));
        self::assertSame($schema['properties']['format']['const'], $file['format']);
        self::assertSame([], array_diff(array_keys($file['own'][0]), array_keys($schema['$defs']['rule']['properties'])));
        self::assertSame([], array_diff(array_keys($file['own'][0]['lures']), array_keys($schema['$defs']['lures']['properties'])));
        foreach ($file['own'][0]['when'] as $condition) {
            self::assertContains($condition['reading'], $schema['$defs']['condition']['properties']['reading']['enum']);
        }
        self::assertSame(\App\Data\RulesSchema::text(), file_get_contents(\App\Data\RulesSchema::path()), 'Run php artisan types.');
    }

    public function test_a_rule_of_ones_own_alone_is_not_the_book_as_it_comes(): void
    {
        $this->putJson('/rules/own/'.\Illuminate\Support\Str::uuid(), $this->gold());
        $this->get('/rules')->assertInertia(fn (AssertableInertia $page) => $page->where('asItComes', false));
    }

    /** @return iterable<string, array{string, string}> */
    public static function badFiles(): iterable
    {
        yield 'no JSON' => ['gold first', 'no file of Eskith rules'];
        yield 'another file' => ['{"format":"eskith-box","version":1}', 'no file of Eskith rules'];
        yield 'a later version' => ['{"format":"eskith-rules","version":2}', 'no file of Eskith rules'];
        yield 'a rule there is not' => ['{"format":"eskith-rules","version":1,"weights":{"F99":0},"own":[]}', 'no such rule'];
        yield 'a weight in words' => ['{"format":"eskith-rules","version":1,"weights":{"F1":"off"},"own":[]}', 'must be a number'];
        yield 'a broken rule' => [
            '{"format":"eskith-rules","version":1,"weights":{},"own":[{"id":"0c5ad0ae-8f35-4a7d-9d0c-7c4f4e7f3a11","name":"x"}]}',
            'must be an object',
        ];
        yield 'no id' => ['{"format":"eskith-rules","version":1,"weights":{},"own":[{"name":"x"}]}', '"own.0.id" must be text'];
    }

    #[DataProvider('badFiles')]
    public function test_a_bad_file_changes_nothing(string $text, string $words): void
    {
        $this->put('/rules/F1', ['weight' => 0.5]);
        $before = $this->get('/rules.json')->getContent();
        $this->post('/rules/import', ['text' => $text])->assertSessionHasErrors();
        self::assertStringContainsString($words, implode(' ', session('errors')->all()));
        self::assertSame($before, $this->get('/rules.json')->getContent());
        $this->post('/rules/import')->assertSessionHasErrors(['file' => 'Choose a file of rules up to 200 kB that was exported here.']);
    }

    public function test_rules_belong_to_one_angler(): void
    {
        $uuid = (string) Str::uuid();
        $this->putJson("/rules/own/{$uuid}", $this->gold());
        $this->put('/rules/F1', ['weight' => 0]);
        $this->actingAs($this->anglerOnTheLake());
        self::assertSame('Tie on the white half-ounce blade', $this->getJson('/answer')->json('headline'));
        $this->put("/rules/{$uuid}", ['weight' => 0])->assertSessionHasErrors('rule');
        $this->delete("/rules/own/{$uuid}");
        $this->delete('/rules');
        self::assertSame(2, RuleChoice::query()->where('user_id', $this->angler->id)->count());
    }

    /** @return array<string, mixed> */
    private function gold(): array
    {
        return [
            'name' => 'Gold does well here', 'points' => 4,
            'when' => [['reading' => 'light', 'any' => ['dim', 'mixed']], ['reading' => 'temp', 'from' => '35', 'to' => '4.5 °C']],
            'lures' => ['families' => ['blade'], 'finishes' => ['gold'], 'from' => '', 'to' => ''],
        ];
    }

    /** @return list<string> rules that speak of a blade of this finish */
    private function rulesOf(string $finish): array
    {
        $pick = collect($this->getJson('/answer')->json('picks'))->first(
            fn (array $pick): bool => $pick['drawing']['finish'] === $finish && $pick['drawing']['family'] === 'blade',
        );

        return array_column($this->getJson("/answer?pick={$pick['key']}")->json('chosen.reasons'), 'rule');
    }
}
