<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Lure;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Eskith\Telling\Enums\Source;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\FreePort;
use Tests\TestCase;

/** The programs beside the pages. */
final class CommandsTest extends TestCase
{
    use RefreshDatabase;

    public function test_simulated_instruments_speak_and_are_heard(): void
    {
        $this->seed(DemoSeeder::class);
        $port = FreePort::find();
        $boat = proc_open(
            [PHP_BINARY, base_path('artisan'), 'instruments:simulate', "--port={$port}", '--seconds=6', '--garbage=30'],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, base_path(),
        );
        self::assertIsResource($boat);
        FreePort::waitFor($port, 5);
        $this->artisan('instruments:read', ['--port' => $port, '--seconds' => 3])->assertSuccessful();
        proc_terminate($boat);
        proc_close($boat);

        $angler = User::query()->where('email', config('eskith.demo_email'))->sole();
        $feed = $angler->feed()->firstOrFail();
        self::assertGreaterThan(5, $feed->heard);
        self::assertSame("127.0.0.1:{$port}", $feed->address);
        foreach (['depth' => [6, 10], 'temp' => [2, 4], 'drift' => [0.02, 0.3], 'wind' => [1, 7]] as $name => [$low, $high]) {
            $reading = $angler->readings()->where('name', $name)->sole();
            self::assertSame(Source::Instrument, $reading->source);
            self::assertGreaterThan($low, $reading->si);
            self::assertLessThan($high, $reading->si);
        }
    }

    public function test_instruments_that_are_not_there_are_waited_for(): void
    {
        $this->seed(DemoSeeder::class);
        $port = FreePort::find();
        $this->artisan('instruments:read', ['--port' => $port, '--seconds' => 1])->expectsOutputToContain(
            "Nothing speaks at 127.0.0.1:{$port}; trying again until it does.",
        )->assertSuccessful();
        $this->artisan(
            'instruments:read', ['--email' => 'nobody@example.test', '--seconds' => 1],
        )->expectsOutputToContain('There is no angler with the e-mail nobody@example.test.')->assertFailed();
    }

    public function test_a_port_in_use_is_said(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($taken);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        $this->artisan(
            'instruments:simulate', ['--port' => $port, '--seconds' => 1],
        )->expectsOutputToContain("Cannot listen on port {$port}")->assertFailed();
    }

    public function test_a_box_to_measure_with(): void
    {
        $this->seed(DemoSeeder::class);
        $this->artisan('bench:box', ['count' => 250])->assertSuccessful();

        self::assertSame(274, Lure::query()->count());
        self::assertSame(1, Lure::query()->where('search', 'like', '%number 249%')->count());
    }

    /** @return iterable<string, array{list<string>, array<string, string>, string}> */
    public static function refusals(): iterable
    {
        yield 'demo, a word nobody knows' => [
            ['bin/demo', '--nonsense'], [], '"--nonsense" is not known; use: bin/demo [--fresh] [--instruments]',
        ];
        yield 'demo, no port' => [['bin/demo'], ['PORT' => 'eighty'], 'PORT must be a number from 1 to 65535, not "eighty".'];
        yield 'demo, a port too high' => [['bin/demo'], ['PORT' => '70000'], 'PORT must be a number from 1 to 65535, not "70000".'];
        yield 'tests, a part nobody knows' => [['bin/test', 'dance'], [], '"dance" is not a part of the tests'];
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     */
    #[DataProvider('refusals')]
    public function test_scripts_refuse_in_one_sentence(array $command, array $environment, string $sentence): void
    {
        [$status, $complaint] = $this->script($command, $environment);

        self::assertSame(1, $status);
        self::assertStringContainsString("eskith: {$sentence}", $complaint);
        self::assertSame(1, substr_count(trim($complaint), "\n") + 1, $complaint);
    }

    public function test_the_demo_refuses_a_port_in_use(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($taken);
        $port = substr((string) strrchr((string) stream_socket_get_name($taken, false), ':'), 1);
        [$status, $complaint] = $this->script(['bin/demo'], ['PORT' => $port]);

        self::assertSame(1, $status);
        self::assertSame("eskith: port {$port} is in use; stop what runs there, or choose another: PORT=8001 bin/demo\n", $complaint);
    }

    public function test_the_ground_says_what_is_missing(): void
    {
        $folder = sys_get_temp_dir().'/eskith-bare-'.bin2hex(random_bytes(4));
        mkdir("{$folder}/bin", 0o755, true);
        foreach (['demo', 'setup.sh'] as $file) {
            copy(base_path("bin/{$file}"), "{$folder}/bin/{$file}");
        }
        // A world with a shell and the usual small tools, but without PHP.
        mkdir("{$folder}/tools");
        foreach (['bash', 'env', 'dirname', 'mkdir', 'rm', 'cat', 'id'] as $tool) {
            symlink(trim((string) shell_exec("command -v {$tool}")), "{$folder}/tools/{$tool}");
        }
        [$status, $complaint] = $this->script(
            ["{$folder}/tools/bash", "{$folder}/bin/demo"], ['PATH' => "{$folder}/tools", 'PORT' => (string) FreePort::find()],
        );
        exec('rm -rf '.escapeshellarg($folder));

        self::assertSame(1, $status);
        self::assertSame("eskith: php is missing; install PHP 8.2, Composer and Node 20 or later, then start again.\n", $complaint);
    }

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment
     * @return array{int, string} exit status and what it complained of
     */
    private function script(array $command, array $environment): array
    {
        $process = proc_open(
            $command, [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['pipe', 'w']], $pipes, base_path(),
            [...getenv(), ...$environment],
        );
        self::assertIsResource($process);
        $complaint = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $complaint];
    }
}
