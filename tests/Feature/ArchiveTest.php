<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Account\Archive;
use App\Account\OneFile;
use App\Account\Table;
use App\Account\Tables;
use App\Models\Lure;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Database\Events\TransactionBeginning;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Schema;
use Tests\TestCase;
use ZipArchive;

/** Everything out as one file, the account gone, everything in again. */
final class ArchiveTest extends TestCase
{
    use RefreshDatabase;

    public function test_out_gone_made_anew_and_in_again_is_equal(): void
    {
        $demo = $this->demo();
        $this->actingAs($demo)->put('/rules/F1', ['weight' => 2]);
        $this->put('/pinned', ['lure' => $demo->lures()->firstOrFail()->id]);
        $this->post(
            '/measurements',
            [
                'uuid' => fake()->uuid(), 'kind' => 'drop',
                'pick' => $demo->lures()->where('family', 'spoon')->firstOrFail()->id.'..', 'seconds' => '12 s',
            ],
        )->assertSessionHasNoErrors();
        $before = self::parts($demo->refresh());
        foreach (['lures', 'outings', 'setups', 'events', 'spots', 'readings', 'rule_choices', 'measurements', 'gear'] as $list) {
            self::assertNotSame([], $before[$list], $list);
        }
        self::assertNotNull($before['account']['pinned_lure']);
        $file = (string) file_get_contents(
            $this->get('/account/archive.zip')->assertOk()->assertHeader('Content-Type', 'application/zip')->getFile()->getPathname(),
        );

        $demo->update(['email' => 'own@example.test', 'password' => 'a long password']);
        $this->actingAs($demo)->delete('/account', ['goodbye' => 'wrong'])->assertSessionHasErrors('goodbye');
        $this->delete('/account', ['goodbye' => 'a long password'])->assertRedirect('/sign-in');
        foreach (self::ofAnglers() as $table) {
            self::assertSame(0, DB::table($table)->count(), $table);
        }
        self::assertSame(0, User::query()->count());

        $this->post(
            '/register', ['name' => $before['account']['name'], 'email' => 'own@example.test', 'password' => 'a long password'],
        )->assertRedirect('/first-day');
        $said = $this->take($file)->getSession()->get('said');
        self::assertMatchesRegularExpression('/^Read in: \d{3,} added, 0 there already\.$/', $said);
        $after = self::parts(User::query()->sole());
        self::assertEquals($before, $after);

        self::assertMatchesRegularExpression('/^Read in: 0 added, \d{3,} there already\.$/', $this->take($file)->getSession()->get('said'));
        self::assertEquals($after, self::parts(User::query()->sole()), 'the same file again changes nothing');
    }

    public function test_every_table_of_an_anglers_is_in_the_archive_or_left_out_on_purpose(): void
    {
        $known = [...array_map(static fn (Table $table): string => $table->name, Tables::all()), ...Tables::LEFT_OUT];
        self::assertSame([], array_values(array_diff(self::ofAnglers(), $known)));
        foreach (Tables::all() as $table) {
            $columns = array_diff(Schema::getColumnListing($table->name), ['id', 'user_id', ...Tables::COLUMNS_LEFT_OUT]);
            self::assertSame([], array_values(array_diff($columns, array_keys($table->columns), array_keys($table->links))), $table->name);
        }
    }

    public function test_spots_of_an_archive_from_before_the_ground_are_placed(): void
    {
        $parts = self::parts($this->demo());
        $parts['waters'] = array_map(static fn (array $water): array => array_diff_key(
            $water, array_flip(
                ['latitude', 'longitude', 'level_m', 'level_text', 'level_at', 'flood_deg', 'fastest_ms', 'fastest_text', 'ground'],
            ),
        ), $parts['waters']);
        $first = $parts['spots'][0]['water_id'];
        $there = [[61.2, -7.8], [61.201, -7.8], null];
        $old = [];
        foreach ($there as $i => $at) {
            $spot = array_diff_key($parts['spots'][0], array_flip(['east_m', 'north_m', 'facing_deg']));
            $old[] = [...$spot, 'no' => $i + 1, 'name' => "Old {$i}", 'latitude' => $at[0] ?? null, 'longitude' => $at[1] ?? null];
        }
        $this->actingAs($own = $this->angler())->post('/account/archive', [
            'file' => UploadedFile::fake()->createWithContent('a.zip', $this->zip([
                'account' => $parts['account'], 'waters' => $parts['waters'], 'spots' => $old,
            ])),
        ])->assertSessionHasNoErrors();

        $water = $own->waters()->where('name', array_column($parts['waters'], 'name', 'no')[$first])->sole();
        self::assertSame([61.2, -7.8], [$water->latitude, $water->longitude]);
        self::assertSame(1, $own->waters()->whereNotNull('latitude')->count());
        $spots = $water->spots()->orderBy('name')->get();
        self::assertSame([0.0, 0.0], [$spots[0]->east_m, $spots[0]->north_m]);
        self::assertEqualsWithDelta(111.4, $spots[1]->north_m, 0.1);
        self::assertNull($spots[2]->east_m);
    }

    public function test_a_full_account_keeps_what_it_has(): void
    {
        $file = $this->zip(self::parts($this->demo()));
        $this->actingAs($other = $this->angler(['weight' => 'g']));
        Lure::factory()->for($other)->create(['notes' => 'mine']);
        $this->take($file);

        self::assertSame(25, $other->lures()->count());
        self::assertSame('g', $other->refresh()->settings['weight']);
        self::assertSame(1, $other->lures()->where('notes', 'mine')->count());
    }

    public function test_rows_that_cannot_be_are_refused_by_themselves(): void
    {
        $parts = self::parts($this->demo());
        $parts['lures'][0]['mass_kg'] = 1e9;
        $parts['lures'][1]['holes'] = ['x' => 'y'];
        $parts['lures'][2]['finish'] = "gold\0";
        $parts['readings'][0] = [
            'name' => 'temp', 'text' => '99 °C', 'si' => 99, 'source' => 'measured', 'pinned' => 0,
            'read_at' => '2026-01-01 10:00:00',
        ];
        $parts['events'][0]['setup_id'] = 9999;
        $parts['outings'][0]['started_at'] = '2026-13-41';
        $parts['waters'][0] = 'a lake';
        $this->actingAs($other = $this->angler());
        $said = $this->take($this->zip($parts))->getSession()->get('said');

        self::assertStringContainsString('refused as impossible: waters 1', $said);
        self::assertSame(count($parts['lures']) - 3, $other->lures()->count());
        self::assertFalse($other->readings()->where('name', 'temp')->exists());
        $this->get('/lure')->assertOk();
        $this->get('/fish')->assertOk();
    }

    public function test_what_is_no_archive_is_refused_in_a_sentence_and_changes_nothing(): void
    {
        $this->actingAs($other = $this->angler());
        foreach ([
            'plain text', '', $this->zip(['account' => ['format' => 'other']]),
            $this->zip(['account' => ['format' => Archive::FORMAT, 'version' => 2]]), $this->zip(['lures' => []]),
        ] as $bytes) {
            $this->take($bytes)->assertSessionHasErrors(
                ['file' => 'That is no archive of an account. Choose a ZIP file that was exported here.'],
            );
        }
        $good = ['format' => Archive::FORMAT, 'version' => 1];
        $water = [
            'name' => 'Long tarn', 'kind' => 'lake', 'profile' => 'uniform', 'salinity' => 0, 'local_rules' => '', 'protected_fish' => '',
        ];
        $this->take($this->zip(['account' => $good, 'waters' => [$water], 'rule_choices' => 7]))->assertSessionHasErrors('file');
        self::assertSame(0, $other->waters()->count(), 'what is wrong at its end is known before anything is written');
        $this->take($this->zip(['account' => $good, 'waters' => [$water]]))->assertSessionHasNoErrors();
        self::assertSame(1, $other->waters()->count(), 'it is no fault of the rest of it');
        $this->take($this->zip(['account' => $good, 'rods' => array_fill(0, 61, 1)]))->assertSessionHasErrors(
            ['file' => 'That file has more rods than one angler can have; it is not read.'],
        );
        $this->post('/account/archive')->assertSessionHasErrors('file');
        $bomb = new ZipArchive;
        $bomb->open($path = (string) tempnam(sys_get_temp_dir(), 'bomb'), ZipArchive::OVERWRITE);
        $bomb->addFromString('account.json', '"'.str_repeat('0', 81_000_000).'"');
        $bomb->close();
        $this->take((string) file_get_contents($path))->assertSessionHasErrors(
            ['file' => '"account.json" in that archive can\'t be read. Export it again.'],
        );
        unlink($path);
        self::assertSame(0, $other->lures()->count());
    }

    public function test_one_file_is_read_at_a_time(): void
    {
        $this->actingAs($user = $this->angler());
        $file = $this->zip(['account' => ['format' => Archive::FORMAT, 'version' => 1]]);
        $said = ['file' => 'Another file of yours is being read in. Wait until it is done, then choose this one again.'];
        OneFile::of($user, function () use ($file, $said): void {
            $this->take($file)->assertSessionHasErrors($said);
            $this->post('/log', ['file' => UploadedFile::fake()->createWithContent('log.json', '{}')])->assertSessionHasErrors($said);
        });
        $this->take($file)->assertSessionHasNoErrors();
    }

    public function test_what_was_changed_while_it_was_read_is_said_and_the_rest_comes_with_the_next_try(): void
    {
        $this->actingAs($user = $this->angler());
        $mark = ['uuid' => fake()->uuid(), 'name' => 'Box', 'kind' => 'reel', 'details' => '', 'quantity' => 1];
        $file = $this->zip(['account' => ['format' => Archive::FORMAT, 'version' => 1], 'gear' => [$mark]]);
        $meanwhile = static function () use ($user, $mark): void {
            DB::table('gear')->insertOrIgnore([...$mark, 'user_id' => $user->id]);
        };
        Event::listen(TransactionBeginning::class, $meanwhile);
        $this->take($file)->assertSessionHasErrors(
            ['file' => 'Your record changed meanwhile. Choose the file again, and the rest is added.'],
        );
        Event::forget(TransactionBeginning::class);
        $meanwhile();
        self::assertStringContainsString('1 there already', $this->take($file)->getSession()->get('said'));
    }

    public function test_the_demo_cannot_be_deleted(): void
    {
        $this->actingAs($this->demo())->delete('/account', ['goodbye' => 'x'])->assertSessionHasErrors('goodbye');
        self::assertSame(1, User::query()->count());
    }

    private function demo(): User
    {
        $this->seed(DemoSeeder::class);

        return User::query()->where('email', config('eskith.demo_email'))->sole();
    }

    /** @return list<string> tables whose rows belong to an angler */
    private static function ofAnglers(): array
    {
        return array_values(
            array_filter(
                Schema::getTableListing(schemaQualified: false),
                static fn (string $table): bool => $table !== 'sessions' && Schema::hasColumn($table, 'user_id'),
            ),
        );
    }

    /** @param  array<string, mixed>  $parts */
    private function zip(array $parts): string
    {
        $zip = new ZipArchive;
        $zip->open($path = (string) tempnam(sys_get_temp_dir(), 'zip'), ZipArchive::OVERWRITE);
        foreach ($parts as $name => $part) {
            // A picture is a file of its own.
            is_string($part) ? $zip->addFromString($name, $part)
                : $zip->addFromString("{$name}.json", json_encode($part, JSON_THROW_ON_ERROR));
        }
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }

    /** @return \Illuminate\Testing\TestResponse<\Illuminate\Http\RedirectResponse> */
    private function take(string $bytes): \Illuminate\Testing\TestResponse
    {
        return $this->post('/account/archive', ['file' => UploadedFile::fake()->createWithContent('account.zip', $bytes)]);
    }

    /** @return array<string, mixed> what stands in each file of an archive, by its name */
    private static function parts(User $user): array
    {
        $zip = new ZipArchive;
        $zip->open($path = Archive::write($user), ZipArchive::RDONLY);
        $parts = [];
        for ($i = 0; $i < $zip->numFiles; $i++) {
            [$name, $bytes] = [(string) $zip->getNameIndex($i), (string) $zip->getFromIndex($i)];
            $isList = str_ends_with($name, '.json');
            $parts[$isList ? basename($name, '.json') : $name] = $isList ? json_decode($bytes, true, 64, JSON_THROW_ON_ERROR) : $bytes;
        }
        unlink($path);

        return $parts;
    }
}
