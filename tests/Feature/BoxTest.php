<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Gear;
use App\Models\History;
use App\Models\Lure;
use App\Models\User;
use App\Tackle\BoxFile;
use App\Tackle\Gauge;
use App\Tackle\LureForm;
use App\Tackle\LureParts;
use Database\Seeders\DemoSeeder;
use Eskith\Core\Tackle\Accent;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use Tests\TestCase;

final class BoxTest extends TestCase
{
    use RefreshDatabase;

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    public function test_words_are_proposed_and_corrected(): void
    {
        $this->getJson('/lures/propose?text='.urlencode('3 g vibe, pink, 3 holes, x2'))->assertOk()->assertJson(
            [
                'family' => 'blade', 'weight' => '3 g', 'finish' => 'pink', 'holes' => 3, 'quantity' => 2,
                'words' => '3 g vibe, pink, 3 holes, 2 of them',
            ],
        );
        $this->getJson('/lures/propose?text=gold')->assertStatus(422)->assertJsonPath(
            'errors.text.0', '"gold" does not say which lure it is. Write blade, vibe, spoon, bladed spoon or tail spinner.',
        );
    }

    public function test_search_finds_by_weight_finish_family_and_note(): void
    {
        $id = $this->angler->lures()->where('finish', 'gold')->sole()->id;
        $this->patchJson(
            '/lures',
            ['each' => [['id' => $id, 'version' => 1, 'set' => ['notes' => 'from the market', 'weight' => '5/8 oz']]]],
        )->assertOk();
        foreach (['gold 5/8' => 1, 'market' => 1, '5/8 oz blade' => 1, 'spoon gold' => 0, '100%' => 0, '_' => 0] as $words => $count) {
            self::assertSame($count, $this->getJson('/lures?q='.urlencode((string) $words))->json('total'), (string) $words);
        }
        self::assertSame(1, $this->getJson('/lures?family=spoon')->json('total'));
        self::assertSame(0, $this->getJson('/lures?family=vibe')->json('total'));
    }

    public function test_a_change_is_undone_by_sending_back_what_was_there(): void
    {
        $ids = $this->angler->lures()->pluck('id')->all();
        $fields = fn (): array => $this->angler->lures()->get()->map(LureForm::fields(...))->all();
        $before = $fields();
        $answer = $this->patchJson(
            '/lures',
            [
                'each' => array_map(
                    static fn (int $id): array => [
                        'id' => $id, 'version' => 1,
                        'set' => ['red' => true, 'quantity' => 3, 'retired' => true, 'hooks' => ['front' => '8']],
                    ],
                    $ids,
                ),
            ],
        )->assertOk();
        self::assertSame(4, $this->angler->lures()->where('red_near_hooks', true)->whereNotNull('retired_at')->count());
        $this->patchJson('/lures', ['each' => $answer->json('before')])->assertOk();

        self::assertEquals($before, $fields());
    }

    public function test_a_change_is_all_or_nothing_and_says_what_is_wrong(): void
    {
        [$a, $b] = $this->angler->lures()->pluck('id')->take(2)->all();
        $other = Lure::factory()->create();
        foreach ([
            'holes' => ['holes' => [['name' => 'front', 'x' => 1, 'y' => 1], ['name' => 'front', 'x' => 2, 'y' => 2]]],
            'quantity' => ['quantity' => 0],
            'length' => ['length' => 'long'],
            'balance' => ['balance' => [1]],
            'hooks.changed' => ['hooks' => ['changed' => '31.12.2025']],
            'build.wings' => ['build' => ['wings' => 'two']],
            'colour' => ['colour' => 'red'],
            'weight' => ['weight' => '5//8 oz'],
        ] as $field => $set) {
            $this->patchJson(
                '/lures',
                ['each' => [['id' => $a, 'version' => 1, 'set' => ['finish' => 'pink']], ['id' => $b, 'version' => 1, 'set' => $set]]],
            )->assertStatus(422)->assertJsonValidationErrors([$field]);
        }
        $this->patchJson(
            '/lures',
            [
                'each' => [
                    ['id' => $a, 'version' => 1, 'set' => ['finish' => 'pink']],
                    ['id' => $other->id, 'version' => 1, 'set' => ['finish' => 'pink']],
                ],
            ],
        )->assertStatus(422);
        self::assertSame(0, Lure::query()->where('finish', 'pink')->count());
    }

    public function test_a_duplicate_is_another_lure_with_the_same_measures(): void
    {
        $gold = $this->angler->lures()->where('finish', 'gold')->sole();
        $uuid = (string) Str::uuid();
        $this->post("/lures/{$gold->id}/duplicate", ['uuid' => $uuid]);
        $this->post("/lures/{$gold->id}/duplicate", ['uuid' => $uuid]);

        self::assertSame(2, $this->angler->lures()->where('finish', 'gold')->count());
        self::assertSame($gold->holes, Lure::query()->where('uuid', $uuid)->sole()->holes);
    }

    public function test_two_thousand_lures_ask_the_database_no_more(): void
    {
        $queries = function (): int {
            \DB::flushQueryLog();
            \DB::enableQueryLog();
            $this->getJson('/lures?q=blade')->assertOk();

            return count(\DB::getQueryLog());
        };
        $few = $queries();
        $row = collect(Lure::factory()->for($this->angler)->make()->getAttributes())->except('uuid')->all();
        foreach (array_chunk(range(1, 2000), 500) as $chunk) {
            Lure::query()->insert(array_map(static fn (): array => [...$row, 'uuid' => (string) Str::uuid()], $chunk));
        }

        self::assertSame($few, $queries());
        $found = $this->getJson('/lures?q=blade')->json();
        self::assertSame([2003, 30, true], [$found['total'], count($found['lures']), $found['more']]);
    }

    public function test_the_bench_shows_what_follows_from_the_measures(): void
    {
        $gold = $this->angler->lures()->where('finish', 'gold')->sole();
        $this->get("/tackle/{$gold->id}")->assertInertia(fn (AssertableInertia $page) => $page->component('Bench')->has('bench.roles', 3)
            ->where('bench.roles.1.hangText', '39° nose down')->where(
                'bench.roles.1.middleFirst', 'vertical, unsure',
            )->where('bench.roles.2.levelLift', 'cast and search'));
        $this->patchJson('/lures', ['each' => [['id' => $gold->id, 'version' => 1, 'set' => ['balance' => [25, 3]]]]])->assertOk();
        $this->get("/tackle/{$gold->id}")->assertInertia(
            fn (AssertableInertia $page) => $page->where('bench.roles.1.hangText', '0° nose down'),
        );
        $this->actingAs($this->angler())->get("/tackle/{$gold->id}")->assertNotFound();
        $this->getJson('/loop-guide?ring=6')->assertOk()->assertJsonCount(8, 'steps');
        $this->getJson('/loop-guide?ring=1 mm')->assertStatus(422)->assertJsonPath(
            'message', 'A split ring here is 2 to 11 mm inside. Measure it there.',
        );
    }

    public function test_the_gauge_prints_at_true_size(): void
    {
        $pdf = Gauge::pdf(compressed: false);
        // Follow the transformations to the first ruler line and measure it in points (1/72 inch).
        preg_match_all('/^\s*(?:([qQ])|([\d. -]+) cm|([\d.]+) ([\d.]+) m\n([\d.]+) ([\d.]+) l)\s*$/m', $pdf, $steps, PREG_SET_ORDER);
        $lengths = [];
        $scale = [1.0];
        foreach ($steps as $step) {
            if ($step[1] === 'q') {
                $scale[] = end($scale);
            } elseif ($step[1] === 'Q') {
                array_pop($scale);
            } elseif (($step[2] ?? '') !== '') {
                $scale[array_key_last($scale)] *= abs((float) explode(' ', trim($step[2]))[0]);
            } else {
                $lengths[] = hypot((float) $step[5] - (float) $step[3], (float) $step[6] - (float) $step[4]) * end($scale) / 72 * 25.4;
            }
        }
        self::assertEqualsWithDelta(Gauge::RULER, $lengths[0], 0.005 * Gauge::RULER);
        self::assertGreaterThan(350, count($lengths));
        $this->get('/gauge.pdf')->assertOk()->assertHeader('Content-Type', 'application/pdf');
        self::assertStringContainsString(
            'width="180mm" height="240mm" viewBox="0 0 180 240"', (string) $this->get('/gauge.svg')->assertOk()->getContent(),
        );
        self::assertSame(1, preg_match_all('/\/Type \/Page\b/', $pdf), 'one page');
    }

    public function test_the_box_goes_out_and_comes_back_the_same(): void
    {
        $this->seed(DemoSeeder::class);
        $demo = User::query()->where('email', config('eskith.demo_email'))->sole();
        $first = $demo->lures()->orderBy('position')->firstOrFail();
        $this->actingAs($demo)->patchJson('/lures', ['each' => [['id' => $first->id, 'version' => 1, 'set' => [
            'notes' => '=HYPERLINK("x")', 'build' => ['base' => 'lead', 'tape' => '-prism', 'bent' => true],
            'hooks' => ['front' => '8', 'attach' => 'ring', 'ring_mm' => 6.5, 'changed' => '2026-10-01'], 'lost' => 1,
            'buy_again' => true,
        ]]]])->assertOk();
        $fields = static fn (User $user): array => $user->lures()->orderBy('position')->get()->map(
            static fn (Lure $row): array => ['id' => $row->uuid, ...LureForm::fields($row)],
        )->all();
        $before = $fields($demo);
        $csv = (string) $this->get('/box.csv')->assertOk()->getContent();
        $json = (string) $this->get('/box.json')->assertOk()->getContent();
        self::assertStringContainsString("'=HYPERLINK", $csv, 'a formula goes out as text');

        foreach ([$csv, $json, str_replace("\n", "\r\n", "\u{FEFF}".$csv)] as $file) {
            $other = $this->angler();
            $this->actingAs($other)->import($file)->assertJson(['add' => 24, 'refused' => 0]);
            self::assertEquals($before, $fields($other));
            $this->import($file)->assertJson(['add' => 0, 'change' => 0, 'same' => 24]);
        }
    }

    public function test_the_exported_json_keeps_to_the_published_schema(): void
    {
        $schema = json_decode((string) file_get_contents(public_path('schema/box.schema.json')), true, 32, JSON_THROW_ON_ERROR);
        $box = json_decode(BoxFile::json($this->angler->lures()->get()), true, 32, JSON_THROW_ON_ERROR);

        self::assertSame(
            [$schema['properties']['format']['const'], $schema['properties']['version']['const']],
            [$box['format'], $box['version']],
        );
        $known = $schema['$defs']['lure']['properties'];
        foreach ($box['lures'] as $lure) {
            self::assertSame([], array_diff_key($lure, $known));
            self::assertSame([], array_diff($schema['$defs']['lure']['required'], array_keys($lure)));
        }
        self::assertSame(array_keys(LureParts::BUILD), array_keys($known['build']['properties']));
        self::assertSame(Accent::ticked(), $known['accents']['items']['enum']);
        self::assertSame(array_keys(LureParts::HOOKS), array_keys($known['hooks']['properties']));
    }

    public function test_two_thousand_rows_with_fifty_bad_ones(): void
    {
        $this->actingAs($other = $this->angler());
        $lines = ['Family;Weight;Finish;Length_mm;Holes;Notes;Colour'];
        $bad = [];
        for ($i = 0; $i < 2000; $i++) {
            if ($i % 40 === 7) {
                $lines[] = [
                    'blade;heavy;gold;51,5;;;', 'sinker;1/2 oz;gold;;;;', 'blade;1/2 oz;gold;9999;;;', 'blade;0 g;gold;;;;',
                    'blade;1/2 oz;gold;;front 18;;',
                ][$i % 5];
                $bad[] = $i + 2;
            } else {
                $lines[] = "blade;0,5 oz;gold;51,5;\"front 18,5 10; back 32 10\";number {$i};ignored";
            }
        }
        $file = "\u{FEFF}".implode("\r\n", $lines)."\r\n";
        $plan = $this->post(
            '/box/preview', ['file' => UploadedFile::fake()->createWithContent('box.csv', $file)],
            ['Accept' => 'application/json'],
        )->assertOk();
        self::assertSame(0, $other->lures()->count(), 'a preview keeps nothing');
        $plan->assertJson(['add' => 1950, 'refused' => 50]);
        $refused = array_values(array_filter($plan->json('lines'), static fn (array $line): bool => $line['status'] === 'refused'));
        self::assertSame($bad, array_column($refused, 'line'));
        self::assertMatchesRegularExpression('/^(weight|family|length|holes): .+\.$/', $refused[0]['words']);

        $this->import($file)->assertJson(['add' => 1950, 'refused' => 50]);
        self::assertSame(1950, $other->lures()->count());
        $row = $other->lures()->orderBy('position')->firstOrFail();
        self::assertEqualsWithDelta(0.0141748, $row->mass_kg, 1e-6);
        self::assertSame([51.5, 18.5], [$row->length_mm, $row->holes[0]['x']]);
        $this->import($file)->assertJson(['add' => 0, 'change' => 0, 'same' => 1950]);
        self::assertSame(1950, $other->lures()->count());
        self::assertSame(1, $this->getJson('/lures?q='.urlencode('number 1999'))->json('total'), 'imported lures are found');
    }

    public function test_files_that_cannot_be_used_are_refused_in_a_sentence(): void
    {
        foreach ([
            'That file is over 12 MB' => str_repeat('family,weight,finish', 700_000),
            'That is a packed or other file' => "PK\x03\x04".str_repeat("\0", 500),
            'The first line must name the columns' => "a,b\n1,2\n",
            'There are no lures in that file.' => "family,weight,finish\n\n",
            'That JSON is not a box' => '{"lures": 7}',
            'That file has over 2,000 rows' => "family,weight,finish\n".str_repeat("blade,1/2 oz,gold\n", 2001),
            'Line 3 opens a quote and never closes it' => "family,weight,finish,notes\nblade,1/2 oz,gold,\nblade,1/2 "
                ."oz,gold,\"never closed\nblade,1/2 oz,gold,\n",
        ] as $sentence => $bytes) {
            $answer = $this->import($bytes)->assertStatus(422);
            self::assertStringContainsString($sentence, $answer->json('message'));
        }
        $this->postJson('/box/import')->assertStatus(422)->assertJsonPath('message', 'Choose a CSV or JSON file first.');
        self::assertSame(4, $this->angler->lures()->count());
    }

    public function test_gear_is_kept_and_what_is_due_is_ticked_off_into_its_history(): void
    {
        $this->post(
            '/gear',
            $leader = [
                'uuid' => (string) Str::uuid(), 'kind' => 'leader', 'name' => 'Light leader', 'quantity' => 1,
                'put_on' => Carbon::today()->subDays(50)->toDateString(),
            ],
        )->assertSessionHasNoErrors();
        $this->post('/gear', $leader);
        $this->post(
            '/gear',
            [
                'uuid' => (string) Str::uuid(), 'kind' => 'main line', 'name' => 'Thin braid', 'material' => 'braid',
                'diameter' => '0.12 mm', 'strength' => '10 lb',
            ],
        )->assertSessionHasNoErrors();
        self::assertSame(1, Gear::query()->count());
        self::assertEqualsWithDelta(0.00012, $this->angler->lines()->sole()->diameter_m, 1e-9);
        $gold = $this->angler->lures()->where('finish', 'gold')->sole();
        $this->patchJson('/lures', ['each' => [['id' => $gold->id, 'version' => 1, 'set' => ['lost' => 1]]]]);
        $this->putJson('/readings', ['readings' => ['food' => 'perch,shad']]);

        $due = $this->due();
        self::assertSame(['Light leader', "½\u{A0}oz blade, gold", 'Perch pattern'], array_column($due, 'name'));
        $tick = ['uuid' => (string) Str::uuid(), 'item' => $due[0]['item']];
        $this->post('/gear/done', $tick)->assertSessionHasNoErrors();
        $this->post('/gear/done', $tick);
        self::assertSame('Leader retied', History::query()->sole()->what);
        self::assertCount(2, $this->due());
        $this->post(
            '/gear/done', ['uuid' => (string) Str::uuid(), 'item' => 'gear.999'],
        )->assertSessionHasErrors(['item' => 'That is gone from your box.']);
    }

    public function test_hooks_fall_due_by_fish_and_snags_since_they_were_looked_at(): void
    {
        $this->seed(DemoSeeder::class);
        $this->actingAs(User::query()->where('email', config('eskith.demo_email'))->sole());
        $due = array_values(array_filter($this->due(), static fn (array $one): bool => str_starts_with((string) $one['item'], 'lure.')));
        self::assertNotSame([], $due);
        $this->post('/gear/done', ['uuid' => (string) Str::uuid(), 'item' => $due[0]['item']])->assertSessionHasNoErrors();

        self::assertNotContains($due[0]['item'], array_column($this->due(), 'item'));
        $this->get('/tackle/'.explode('.', $due[0]['item'])[1])->assertInertia(
            fn (AssertableInertia $page) => $page->where(
                'bench.sinceHooks',
                fn (string $words) => str_starts_with($words, '0 fish and snags since'),
            ),
        );
    }

    /** @return list<array{item: string|null, name: string, why: string}> */
    private function due(): array
    {
        $due = [];
        $this->get('/gear')->assertInertia(function (AssertableInertia $page) use (&$due): void {
            $due = $page->toArray()['props']['due'];
        });

        return $due;
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\JsonResponse> */
    private function import(string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            '/box/import', ['file' => UploadedFile::fake()->createWithContent('box', $bytes)], ['Accept' => 'application/json'],
        );
    }
}
