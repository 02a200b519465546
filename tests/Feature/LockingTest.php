<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Database\LockingSqliteConnection;
use App\Database\Pieces;
use Generator;
use Illuminate\Database\Events\TransactionCommitted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use PDO;
use PDOException;
use Tests\TestCase;

/** Writers side by side on one SQLite file. */
final class LockingTest extends TestCase
{
    private string $file;

    protected function setUp(): void
    {
        parent::setUp();
        $this->file = (string) tempnam(sys_get_temp_dir(), 'eskith');
        config(['database.connections.sqlite.database' => $this->file, 'database.connections.sqlite.busy_timeout' => 50]);
        DB::purge();
        DB::statement('CREATE TABLE touches (id INTEGER PRIMARY KEY, what TEXT)');
    }

    protected function tearDown(): void
    {
        DB::purge();
        array_map(unlink(...), glob("{$this->file}*") ?: []);
        parent::tearDown();
    }

    public function test_a_transaction_holds_the_lock_before_it_reads(): void
    {
        self::assertInstanceOf(LockingSqliteConnection::class, DB::connection());
        $other = $this->other();
        DB::transaction(function () use ($other): void {
            self::assertSame(0, DB::table('touches')->count());
            try {
                $other->exec("INSERT INTO touches (what) VALUES ('theirs')");
                self::fail('Another writer came between reading and writing.');
            } catch (PDOException $busy) {
                self::assertStringContainsString('locked', $busy->getMessage());
            }
            DB::table('touches')->insert(['what' => 'mine']);
        });
        $other->exec("INSERT INTO touches (what) VALUES ('theirs')");

        self::assertSame(['mine', 'theirs'], DB::table('touches')->orderBy('id')->pluck('what')->all());
    }

    public function test_a_lock_that_cannot_be_had_leaves_the_connection_usable(): void
    {
        $other = $this->other();
        $other->exec('BEGIN IMMEDIATE');
        try {
            DB::transaction(static fn () => DB::table('touches')->insert(['what' => 'mine']));
            self::fail('There was a lock.');
        } catch (PDOException $busy) {
            self::assertStringContainsString('locked', $busy->getMessage());
        }
        $other->exec('ROLLBACK');
        DB::transaction(static fn () => DB::transaction(static fn () => DB::table('touches')->insert(['what' => 'mine'])));

        self::assertSame(0, DB::transactionLevel());
        self::assertSame(1, DB::table('touches')->count());
    }

    public function test_what_fails_within_is_taken_back_whole(): void
    {
        try {
            DB::transaction(static function (): void {
                DB::table('touches')->insert(['what' => 'mine']);
                throw new \LogicException('no');
            });
        } catch (\LogicException) {
        }

        self::assertSame(0, DB::table('touches')->count());
        $this->other()->exec("INSERT INTO touches (what) VALUES ('the lock is free')");
        self::assertSame(1, DB::table('touches')->count());
    }

    public function test_others_write_between_the_pieces_of_long_work(): void
    {
        $other = $this->other();
        Event::listen(TransactionCommitted::class, static function () use ($other): void {
            $other->exec("INSERT INTO touches (what) VALUES ('theirs')");
        });
        Pieces::each((static function (): Generator {
            yield from ['first', 'second', 'third'];
        })(), static function (string $what): void {
            DB::table('touches')->insert(['what' => $what]);
            // Longer than one of them may last, however busy the machine is.
            usleep(450_000);
        });

        self::assertSame(
            ['first', 'theirs', 'second', 'theirs', 'third', 'theirs'], DB::table('touches')->orderBy('id')->pluck('what')->all(),
        );
    }

    public function test_what_is_read_for_long_is_read_as_it_was_and_holds_up_nobody(): void
    {
        $other = $this->other();
        LockingSqliteConnection::here()->snapshot(function () use ($other): void {
            self::assertSame(0, DB::table('touches')->count());
            $other->exec("INSERT INTO touches (what) VALUES ('theirs')");
            self::assertSame(0, DB::table('touches')->count());
        });

        self::assertSame(1, DB::table('touches')->count());
    }

    private function other(): PDO
    {
        $other = new PDO("sqlite:{$this->file}");
        $other->setAttribute(PDO::ATTR_TIMEOUT, 0);

        return $other;
    }
}
