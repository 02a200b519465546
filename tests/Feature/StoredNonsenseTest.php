<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Instruments\FeedKeeper;
use App\Models\Feed;
use App\Models\User;
use Eskith\Core\Formats\Nmea\Sentence;
use Illuminate\Database\Query\Builder;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whatever is stored, however it got there: every page opens, says what it left out, and offers to mend it. */
final class StoredNonsenseTest extends TestCase
{
    use RefreshDatabase;

    private const PAGES = [
        '/', '/lure', '/water', '/water?view=calibrate', '/rig', '/fish', '/tackle', '/gear', '/rules', '/boat-card',
        '/boat-card.html', '/settings', '/account', '/answer', '/second-look', '/chart', '/box.csv', '/box.json', '/rules.json',
    ];

    private User $angler;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->angler = $this->anglerOnTheLake());
    }

    /** @return iterable<string, array{string, mixed, mixed, string}> */
    public static function readings(): iterable
    {
        yield 'too warm' => ['temp', '44 °C', 44.0, 'Water is “44 °C”, which can\'t be right'];
        yield 'too cold' => ['temp', '−2.9 °C', -2.9, 'Water is “−2.9 °C”'];
        yield 'no value' => ['depth', 'deep', null, 'Depth is “deep”'];
        yield 'no depth at all' => ['depth', '-5 m', -5.0, 'Depth is “-5 m”'];
        yield 'too fast' => ['drift', '90 mph', 40.0, 'Drift is “90 mph”'];
        yield 'no such choice' => ['clarity', 'muddy', null, 'Clarity is “muddy”'];
        yield 'one good food and one bad' => ['food', 'perch,pizza', null, 'Food is “perch,pizza”'];
        yield 'no such reading' => ['moon', 'full', null, '“full” is a reading Eskith doesn\'t know'];
        yield 'no text' => ['light', "\xff\xfe", null, 'Light is '];
    }

    #[DataProvider('readings')]
    public function test_a_reading_that_cannot_be_is_set_aside_named_and_taken_away(
        string $name, mixed $text, mixed $si, string $words,
    ): void {
        $this->stored($name, $text, $si);
        $this->everyPageOpens();
        $aside = $this->aside();
        self::assertCount(1, $aside);
        self::assertStringStartsWith($words, $aside[0]['words']);
        $this->mend($aside[0]);

        self::assertSame([], $this->aside());
        self::assertFalse($this->angler->readings()->where('name', $name)->exists());
    }

    public function test_typing_it_anew_mends_it_too(): void
    {
        $this->stored('temp', '44 °C', 44.0);
        $answer = $this->putJson('/readings', ['readings' => ['temp' => '4 °C']])->assertOk();

        self::assertSame([], $answer->json('aside'));
        self::assertSame('4 °C', $answer->json('readings.temp.text'));
    }

    public function test_instruments_are_held_to_the_range_of_what_is_typed(): void
    {
        $keeper = new FeedKeeper($this->angler, 'boat:1');
        $says = static fn (string $water): string => Sentence::of('YX', 'MTW', [$water, 'C'])->text()."\r\n";
        $keeper->take($says('44.0').$says('-2.9'), 1.0);
        self::assertSame('37 F', $this->angler->readings()->where('name', 'temp')->value('text'));
        $keeper->take($says('5.0'), 3.0);

        self::assertEqualsWithDelta(5.0, $this->angler->readings()->where('name', 'temp')->value('si'), 1e-9);
        self::assertSame(2, Feed::query()->sole()->dropped, 'what cannot be is counted as dropped');
        $this->everyPageOpens();
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function lures(): iterable
    {
        yield 'no family' => [['family' => 'anchor']];
        yield 'no weight' => [['mass_kg' => 0]];
        yield 'weighs a ton' => [['mass_kg' => 1000.0]];
        yield 'no finish' => [['finish' => '']];
        yield 'holes that are no list' => [['holes' => '{"front"']];
        yield 'holes without places' => [['holes' => '[{"name":"front"}]']];
        yield 'holes far away' => [['holes' => '[{"name":"front","x":1e9,"y":0}]']];
        yield 'a balance point far away' => [['balance_x' => 1e6, 'balance_y' => 0]];
        yield 'no length' => [['length_mm' => -4]];
        yield 'hooks that are text' => [['family' => 'x', 'hooks' => '"trebles"', 'build' => '7']];
    }

    /** @param  array<string, mixed>  $columns */
    #[DataProvider('lures')]
    public function test_a_lure_that_cannot_be_read_is_left_out_and_mended(array $columns): void
    {
        $lure = $this->angler->lures()->where('finish', 'gold')->sole();
        $this->post(
            '/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'short_pop'],
        )->assertSessionHasNoErrors();
        DB::table('lures')->where('id', $lure->id)->update($columns);
        $this->everyPageOpens();
        $this->get("/tackle/{$lure->id}")->assertStatus(422)->assertInertia(fn (AssertableInertia $page) => $page->component('Trouble'));
        $aside = $this->aside();
        self::assertCount(1, $aside);
        self::assertStringContainsString('can\'t be read, so it is left out', $aside[0]['words']);
        $this->mend($aside[0]);

        self::assertSame([], $this->aside());
        $this->get("/tackle/{$lure->id}")->assertOk();
        self::assertSame(4, $this->getJson('/lures')->json('total'));
        $this->everyPageOpens();
    }

    public function test_rules_measurements_and_lines_that_cannot_be_are_set_aside(): void
    {
        $lure = $this->angler->lures()->firstOrFail();
        $id = (string) Str::uuid();
        $now = Carbon::now();
        DB::table('rule_choices')->insert(['user_id' => $this->angler->id, 'rule' => $id, 'weight' => 1, 'own' => '{"name": 7}']);
        DB::table('rule_choices')->insert(['user_id' => $this->angler->id, 'rule' => 'F1', 'weight' => 1e9]);
        DB::table('measurements')->insert(
            [
                'user_id' => $this->angler->id, 'uuid' => (string) Str::uuid(), 'kind' => 'drift', 'value' => 1e4,
                'method' => 'by guess', 'measured_at' => $now,
            ],
        );
        DB::table('measurements')->insert(
            [
                'user_id' => $this->angler->id, 'lure_id' => $lure->id, 'uuid' => (string) Str::uuid(), 'kind' => 'swim',
                'value' => 1, 'method' => 'unknown', 'measured_at' => $now,
            ],
        );
        DB::table('lines')->insert(
            [
                'user_id' => $this->angler->id, 'name' => 'Rope', 'kind' => 'braid', 'diameter_m' => 0.05,
                'diameter_text' => '5 cm', 'break_n' => 5000, 'break_text' => 'a lot', 'in_use' => 1,
            ],
        );
        $this->everyPageOpens();

        $aside = $this->aside();
        self::assertCount(4, $aside);
        self::assertContains(
            'The line “Rope” has an impossible diameter. A usual one is assumed.', array_column($aside, 'words'),
        );
        array_map($this->mend(...), $aside);
        self::assertSame([], $this->aside());
    }

    public function test_a_line_thinner_than_any_is_set_aside_too(): void
    {
        $line = $this->angler->lines()->create([
            'name' => 'Hair', 'kind' => 'braid', 'diameter_m' => 0.00001, 'diameter_text' => '0.01 mm', 'break_n' => 9.0,
            'break_text' => '2 lb', 'in_use' => true,
        ]);
        self::assertStringStartsWith('The line “Hair”', $this->aside()[0]['words']);
        $line->update(['diameter_m' => 0.00002]);
        self::assertSame([], $this->aside());
    }

    public function test_events_and_settings_of_another_age_are_passed_over(): void
    {
        $lure = $this->angler->lures()->firstOrFail();
        $this->post('/tie-on', ['uuid' => (string) Str::uuid(), 'lure' => $lure->id, 'hole' => 'middle', 'cadence' => 'short_pop']);
        $setup = DB::table('setups')->sole();
        foreach ([['dance', null], ['touch', 'sideways']] as [$kind, $came]) {
            DB::table('events')->insert(
                [
                    'user_id' => $this->angler->id, 'outing_id' => $setup->outing_id, 'setup_id' => $setup->id,
                    'uuid' => (string) Str::uuid(), 'kind' => $kind, 'came' => $came, 'at' => Carbon::now(),
                ],
            );
        }
        DB::table('setups')->update(['cadence' => 'tango', 'hole' => 'seventh']);
        DB::table('users')->update(['settings' => '{"weight": ["oz"], "theme": "neon", "hole": null}']);
        DB::table('outings')->update(['readings' => 'x']);
        $this->everyPageOpens();
        $this->get('/fish')->assertInertia(
            fn (AssertableInertia $page) => $page->has('outing.events', 1)->where('outing.events.0.words', 'Bite'),
        );
    }

    /** Columns by which rows are passed over when they are set; they are nonsense in a round of their own. */
    private const HIDING = ['undone_at', 'retired_at', 'ashore_at', 'deleted_at', 'put_away_at', 'closed_at', 'until_at', 'ended_at'];

    /** @return iterable<string, array{bool}> */
    public static function moments(): iterable
    {
        yield 'those that a row always has' => [false];
        yield 'those that put it away' => [true];
    }

    #[DataProvider('moments')]
    public function test_moments_that_are_none_close_no_page(bool $hiding): void
    {
        $this->artisan('demo:today')->assertSuccessful();
        $this->actingAs($this->angler = User::query()->whereKeyNot($this->angler->id)->sole());
        $changed = 0;
        foreach (Schema::getTables() as ['name' => $table]) {
            foreach (Schema::getColumns($table) as ['name' => $column, 'type_name' => $type]) {
                if (in_array($type, ['datetime', 'date'], true) && in_array($column, self::HIDING, true) === $hiding) {
                    $changed += DB::table($table)->when(
                        $hiding, fn (Builder $rows) => $rows->whereNotNull($column)
                    )->update([$column => 'soon']);
                }
            }
        }
        self::assertGreaterThan($hiding ? 50 : 1000, $changed);
        $this->everyPageOpens(
            '/work', '/look-back', '/look-back/trust', '/outings', '/season.html', '/log.csv', '/account/archive.zip',
            ...$this->angler->waters()->pluck('id')->flatMap(
                fn (int $water): array => ["/places/{$water}", "/places/{$water}/boat", "/places/{$water}.gpx", "/places/{$water}.geojson"],
            ),
        );
    }

    private function everyPageOpens(string ...$more): void
    {
        foreach ([...self::PAGES, ...$more] as $page) {
            $this->get($page)->assertOk();
        }
    }

    private function stored(string $name, mixed $text, mixed $si): void
    {
        DB::table('readings')->updateOrInsert(
            ['user_id' => $this->angler->id, 'name' => $name],
            ['text' => $text, 'si' => $si, 'source' => 'instrument', 'pinned' => 0, 'read_at' => Carbon::now()],
        );
    }

    /** @return list<array{words: string, part: string, key: string}> */
    private function aside(): array
    {
        return $this->getJson('/answer')->assertOk()->json('aside');
    }

    /** @param  array{words: string, part: string, key: string}  $aside */
    private function mend(array $aside): void
    {
        $this->post('/mend', ['part' => $aside['part'], 'key' => $aside['key']])->assertSessionHasNoErrors();
    }
}
