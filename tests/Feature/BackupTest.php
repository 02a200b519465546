<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use PDO;
use Tests\TestCase;

/** The whole file of records: copied while it is used, put back, and looked over. */
final class BackupTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/eskith-backup-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        touch("{$this->folder}/records.sqlite");
        config(['database.connections.sqlite.database' => "{$this->folder}/records.sqlite"]);
        DB::purge();
        $this->artisan('migrate', ['--force' => true, '--quiet' => true])->assertSuccessful();
        $this->anglerOnTheLake();
    }

    protected function tearDown(): void
    {
        DB::purge();
        exec('rm -rf '.escapeshellarg($this->folder));
        parent::tearDown();
    }

    public function test_a_backup_made_beside_a_writer_is_put_back_under_a_running_reader(): void
    {
        $writer = new PDO("sqlite:{$this->folder}/records.sqlite");
        $writer->exec('BEGIN IMMEDIATE');
        $writer->exec("UPDATE lures SET notes = 'not yet'");
        $this->artisan('eskith:backup', ['file' => "{$this->folder}/copy.sqlite"])->expectsOutput(
            "All records are copied to {$this->folder}/copy.sqlite, and the copy is sound.",
        )->assertSuccessful();
        $writer->exec('COMMIT');
        $copy = new PDO("sqlite:{$this->folder}/copy.sqlite");
        self::assertSame(
            [4, 0],
            [
                $copy->query('SELECT COUNT(*) FROM lures')->fetchColumn(),
                $copy->query("SELECT COUNT(*) FROM lures WHERE notes = 'not yet'")->fetchColumn(),
            ],
        );

        DB::table('lures')->delete();
        self::assertSame(0, $writer->query('SELECT COUNT(*) FROM lures')->fetchColumn());
        $this->artisan(
            'eskith:restore', ['file' => "{$this->folder}/copy.sqlite"],
        )->expectsOutput('The backup is in place.')->assertSuccessful();
        self::assertSame(4, $writer->query('SELECT COUNT(*) FROM lures')->fetchColumn());
        self::assertSame(4, Lure::query()->count());
        self::assertCount(1, glob("{$this->folder}/records.sqlite.before-*") ?: [], 'what was there is kept');
    }

    public function test_a_name_that_is_taken_is_left_alone(): void
    {
        file_put_contents("{$this->folder}/mine.txt", 'mine');
        $this->artisan('eskith:backup', ['file' => "{$this->folder}/mine.txt"])->assertFailed();
        self::assertSame('mine', file_get_contents("{$this->folder}/mine.txt"));
        $this->artisan('eskith:backup', ['file' => '/no/such/folder/copy.sqlite'])->assertFailed();
    }

    public function test_what_is_no_backup_is_refused_and_changes_nothing(): void
    {
        $this->artisan('eskith:backup', ['file' => "{$this->folder}/good.sqlite"])->assertSuccessful();
        $good = (string) file_get_contents("{$this->folder}/good.sqlite");
        file_put_contents("{$this->folder}/text", 'some text');
        file_put_contents("{$this->folder}/torn", substr($good, 0, intdiv(strlen($good), 2)));
        file_put_contents("{$this->folder}/scratched", substr_replace($good, str_repeat('x', 3000), 5000, 3000));
        (new PDO("sqlite:{$this->folder}/other"))->exec('CREATE TABLE songs (name TEXT)');
        copy("{$this->folder}/good.sqlite", "{$this->folder}/newer");
        (new PDO("sqlite:{$this->folder}/newer"))->exec("INSERT INTO migrations (migration, batch) VALUES ('2099_01_01_000001_fins', 9)");
        copy("{$this->folder}/good.sqlite", "{$this->folder}/loose");
        (new PDO("sqlite:{$this->folder}/loose"))->exec(
            "INSERT INTO spots (user_id, water_id, name, depth_m, bottom) VALUES (1, 777, 'Bar', 8, 'rock')",
        );
        foreach (['missing', 'text', 'torn', 'scratched', 'other', 'newer', 'loose'] as $bad) {
            $this->artisan(
                'eskith:restore', ['file' => "{$this->folder}/{$bad}"],
            )->expectsOutputToContain('That is no backup of Eskith: ')->assertFailed();
            self::assertSame(4, Lure::query()->count(), $bad);
        }
    }

    public function test_the_check_names_what_is_wrong(): void
    {
        $this->artisan('eskith:check')->expectsOutput('The database is sound, and everything in it can be used.')->assertSuccessful();
        DB::table('readings')->where('name', 'temp')->update(['si' => 44, 'text' => '44 °C']);
        $email = User::query()->sole()->email;
        $this->artisan('eskith:check')->expectsOutput(
            "{$email}: Water is “44 °C”, which can't be right, so it is ignored. Read it again, or clear it.",
        )->assertFailed();
        DB::statement('PRAGMA foreign_keys = OFF');
        DB::table('spots')->insert(['user_id' => 1, 'water_id' => 777, 'name' => 'Bar', 'depth_m' => 8, 'bottom' => 'rock']);
        $this->artisan('eskith:check')->expectsOutput(
            'The database is not sound: a row of "spots" leads to one that is not there.',
        )->assertFailed();
    }
}
