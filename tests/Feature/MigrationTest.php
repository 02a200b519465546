<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use App\Readings\TodaysReadings;
use App\Tackle\BoxFile;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** A database of before comes along unchanged in meaning. */
final class MigrationTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'eskith');
        config(['database.connections.sqlite.database' => $this->file]);
        DB::purge();
        $this->artisan('migrate', ['--force' => true, '--quiet' => true]);
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_water_that_moved_by_the_wind_moves_by_it_still(): void
    {
        $since = array_filter(
            glob(database_path('migrations/*.php')) ?: [],
            static fn (string $file): bool => basename($file) >= '2026_01_01_000010',
        );
        $this->artisan('migrate:rollback', ['--step' => count($since), '--force' => true, '--quiet' => true]);
        $users = [];
        foreach ([
            'wind only' => ['wind' => ['4 m/s', 4.0], 'flow' => ['uniform', null], 'depth' => ['8 m', 8.0]],
            'drift read' => ['wind' => ['4 m/s', 4.0], 'drift' => ['0.3 m/s', 0.3], 'flow' => ['uniform', null], 'depth' => ['8 m', 8.0]],
        ] as $name => $readings) {
            $users[$name] = DB::table('users')->insertGetId(
                ['name' => $name, 'email' => str_replace(' ', '', $name).'@example.test', 'password' => 'x'],
            );
            foreach ($readings as $reading => [$text, $si]) {
                DB::table('readings')->insert(
                    [
                        'user_id' => $users[$name], 'name' => $reading, 'text' => $text, 'si' => $si, 'source' => 'measured',
                        'pinned' => 0, 'read_at' => '2026-01-01 10:00:00',
                    ],
                );
            }
        }
        DB::table('lures')->insert(
            [
                'user_id' => $users['wind only'], 'uuid' => '11111111-1111-4111-8111-111111111111', 'position' => 1,
                'family' => 'blade', 'mass_kg' => 0.0142, 'mass_text' => '1/2 oz', 'finish' => 'white', 'red_near_hooks' => 1,
                'length_mm' => 51, 'height_mm' => 19, 'holes' => '[]', 'build' => '{"tape":"gold prism","tail":"feather"}',
            ],
        );
        $this->artisan('migrate', ['--force' => true, '--quiet' => true]);

        $book = static fn (string $name): ReadingBook => TodaysReadings::of(User::query()->findOrFail($users[$name]));
        self::assertEqualsWithDelta(0.14, $book('wind only')->driftMs(), 1e-9);
        self::assertEqualsWithDelta(0.3, $book('drift read')->driftMs(), 1e-9);
        self::assertSame(0.0, $book('wind only')->currentMs());
        self::assertSame([], $book('drift read')->aside);
        $drawn = User::query()->findOrFail($users['wind only'])->lures()->sole()->kept()->lure();
        self::assertTrue($drawn->redNearHooks, 'no red is lost');
        self::assertSame('white+gold+red_near_hooks+tape+feather', $drawn->look, 'what the bench kept now counts');
    }

    public function test_what_was_fished_before_there_were_several_rods_was_fished_with_the_one(): void
    {
        $since = array_filter(
            glob(database_path('migrations/*.php')) ?: [],
            static fn (string $file): bool => basename($file) >= '2026_01_01_000013',
        );
        $this->artisan('migrate:rollback', ['--step' => count($since), '--force' => true, '--quiet' => true]);
        $user = DB::table('users')->insertGetId(['name' => 'x', 'email' => 'x@example.test', 'password' => 'x']);
        $uuid = static fn (int $i): string => "11111111-1111-4111-8111-00000000000{$i}";
        $line = DB::table('lines')->insertGetId([
            'user_id' => $user, 'name' => 'Braid', 'kind' => 'braid', 'diameter_m' => 0.0002, 'diameter_text' => '0.2 mm',
            'break_n' => 89, 'break_text' => '20 lb', 'in_use' => 1,
        ]);
        $rod = DB::table('rods')->insertGetId([
            'user_id' => $user, 'uuid' => $uuid(1), 'name' => 'Rod', 'length_m' => 2, 'length_text' => '2 m', 'lifts_kg' => 1,
            'lifts_text' => '1 kg', 'connector' => 'snap',
        ]);
        $lure = DB::table('lures')->insertGetId([
            'user_id' => $user, 'uuid' => $uuid(2), 'position' => 1, 'family' => 'blade', 'mass_kg' => 0.0142,
            'mass_text' => '1/2 oz', 'finish' => 'white', 'red_near_hooks' => 0, 'length_mm' => 51, 'height_mm' => 19, 'holes' => '[]',
        ]);
        $water = DB::table('waters')->insertGetId(['user_id' => $user, 'name' => 'Lake', 'kind' => 'lake']);
        $spot = DB::table('spots')->insertGetId(
            ['user_id' => $user, 'water_id' => $water, 'name' => 'Bar', 'depth_m' => 8, 'bottom' => 'rock'],
        );
        $outing = DB::table('outings')->insertGetId([
            'user_id' => $user, 'uuid' => $uuid(3), 'place' => 'Bar · Lake', 'spot_id' => $spot, 'readings' => '{}',
            'started_at' => '2026-01-01 08:00:00',
        ]);
        $setup = DB::table('setups')->insertGetId([
            'user_id' => $user, 'outing_id' => $outing, 'uuid' => $uuid(4), 'lure_id' => $lure, 'cadence' => 'low_hop', 'depth_m' => 8,
            'tied_at' => '2026-01-01 08:00:00',
        ]);
        DB::table('events')->insert([
            'user_id' => $user, 'outing_id' => $outing, 'setup_id' => $setup, 'uuid' => $uuid(5), 'kind' => 'touch',
            'at' => '2026-01-01 08:10:00',
        ]);
        $this->artisan('migrate', ['--force' => true, '--quiet' => true]);

        self::assertSame($rod, User::query()->findOrFail($user)->rodInHand()?->id);
        self::assertEquals(
            [$spot, $spot], [DB::table('outings')->value('spot_id'), DB::table('setups')->value('spot_id')],
            'what was fished before was fished where its outing was',
        );
        self::assertEquals([$line, $rod], [DB::table('rods')->value('line_id'), DB::table('setups')->value('rod_id')]);
        self::assertSame(1, DB::table('events')->count(), 'nothing that hangs on a setup is lost while its table is laid anew');
        $this->artisan('migrate:rollback', ['--step' => count($since), '--force' => true, '--quiet' => true]);
        self::assertSame(1, DB::table('events')->count(), 'nor on the way back');
    }

    public function test_a_file_and_a_link_of_before_are_read(): void
    {
        $rows = BoxFile::read("id,family,weight,finish,red,quantity\n,blade,1/2 oz,white,yes,1\n");
        self::assertArrayNotHasKey('accents', $rows[2]);
        $angler = $this->anglerOnTheLake();
        self::assertSame('still', TodaysReadings::of($angler, ['flow' => 'uniform'])->text('flow'));
        self::assertSame('river', TodaysReadings::of($angler, ['flow' => 'river'])->text('flow'));
    }
}
