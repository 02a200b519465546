<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use PDO;
use RuntimeException;

/** The application served for real on a port of its own, with a database of its own that holds the demo. */
final class AppServer
{
    /** s for which a demo that was made is as new. */
    private const FRESH_S = 120.0;

    /** @var resource|null */
    private $process;

    /** @param  array<string, string>  $settings  over those that every test has */
    private function __construct(
        public readonly string $url,
        private readonly string $folder,
        private readonly int $workers,
        private readonly array $settings = [],
    ) {
    }

    /**
     * Starts it with fresh demo data and waits until it answers.
     *
     * @param  array<string, string>  $settings  over those that every test has
     */
    public static function start(int $workers = 4, array $settings = []): self
    {
        $folder = sys_get_temp_dir().'/eskith-browser-'.bin2hex(random_bytes(5));
        mkdir($folder, 0o700);
        array_map(mkdir(...), ["{$folder}/visits", "{$folder}/cache"]);
        $port = FreePort::find();
        $server = new self("http://127.0.0.1:{$port}", $folder, $workers, $settings);
        copy(self::demo(), $server->environment()['DB_DATABASE']);
        $server->serve();

        return $server;
    }

    /** A database with the demo as it is now, made anew every few minutes: its day goes on, and what is said of it with it. */
    private static function demo(): string
    {
        /** @var array{string, float}|null $demo */
        static $demo = null;
        if ($demo === null || microtime(true) - $demo[1] > self::FRESH_S) {
            $folder = sys_get_temp_dir().'/eskith-demo-'.bin2hex(random_bytes(5));
            mkdir($folder, 0o700);
            register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($folder)));
            $maker = new self('http://127.0.0.1', $folder, 1);
            touch($maker->environment()['DB_DATABASE']);
            $maker->artisan('migrate --force --quiet');
            $maker->artisan('db:seed --class=DemoSeeder --force --quiet');
            $file = new PDO("sqlite:{$maker->environment()['DB_DATABASE']}");
            // All of it in one file, for the copies.
            $file->exec('PRAGMA wal_checkpoint(TRUNCATE)');
            $demo = [$maker->environment()['DB_DATABASE'], microtime(true)];
        }

        return $demo[0];
    }

    /** @return array<string, string> the cookies of somebody who has opened the demo */
    public function demoVisit(): array
    {
        $jar = new CookieJar;
        $visitor = new Client(['base_uri' => $this->url, 'cookies' => $jar, 'allow_redirects' => false, 'timeout' => 20]);
        $visitor->get('/sign-in');
        $visitor->post('/demo', ['headers' => ['X-XSRF-TOKEN' => urldecode($jar->getCookieByName('XSRF-TOKEN')?->getValue() ?? '')]]);

        return array_column($jar->toArray(), 'Value', 'Name');
    }

    /** The records of this server, to look at from beside it. */
    public function records(): PDO
    {
        $records = new PDO("sqlite:{$this->folder}/eskith.sqlite");
        $records->setAttribute(PDO::ATTR_TIMEOUT, 20);

        return $records;
    }

    /** How many processes answer. */
    public function workers(): int
    {
        $pid = is_resource($this->process) ? proc_get_status($this->process)['pid'] : 0;

        return count(array_filter(self::children($pid), static fn (int $one): bool => ! str_contains(
            (string) @file_get_contents("/proc/{$one}/stat"), ') Z',
        )));
    }

    /** Nobody is signed in any more. */
    public function forgetVisits(): void
    {
        array_map(unlink(...), glob("{$this->folder}/visits/*") ?: []);
        $this->records()->exec('UPDATE users SET remember_token = NULL');
    }

    /** What went wrong, without the comings and goings. */
    public function log(): string
    {
        $lines = preg_grep(
            '/ (Accepted|Closing)$/', file("{$this->folder}/server.log", FILE_IGNORE_NEW_LINES) ?: [], PREG_GREP_INVERT,
        ) ?: [];

        return mb_substr(implode("\n", $lines), -3000);
    }

    /** Ends every process of the server at once, whatever it is doing, as a power cut would. */
    public function kill(): void
    {
        if (is_resource($this->process)) {
            $pid = proc_get_status($this->process)['pid'];
            foreach ([...self::children($pid), $pid] as $one) {
                posix_kill($one, SIGKILL);
            }
            proc_close($this->process);
        }
    }

    /** Starts to serve, or starts again. */
    public function serve(): void
    {
        $port = (int) parse_url($this->url, PHP_URL_PORT);
        $process = proc_open(
            [
                PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.file_cache='.self::compiled(),
                '-d', 'variables_order=EGPCS', '-d', 'zlib.output_compression=On',
                '-d', 'zlib.output_compression_level=2', '-d', 'upload_max_filesize=101M', '-d', 'post_max_size=102M',
                '-d', 'memory_limit=256M', '-d', 'max_execution_time=30', '-d', 'max_input_vars=2000', '-S',
                "127.0.0.1:{$port}", '-t', 'public', 'public/router.php',
            ],
            [['file', '/dev/null', 'r'], ['file', "{$this->folder}/server.log", 'a'], ['file', "{$this->folder}/server.log", 'a']],
            $pipes, dirname(__DIR__, 3), [...getenv(), ...$this->environment(), 'PHP_CLI_SERVER_WORKERS' => (string) $this->workers],
        );
        $this->process = $process !== false ? $process : throw new RuntimeException('The test server cannot be started.');
        FreePort::waitFor($port, 10);
    }

    /** Where servers keep what they compiled for the next: each would begin with half a second of that. */
    private static function compiled(): string
    {
        $folder = dirname(__DIR__, 3).'/storage/framework/compiled';
        is_dir($folder) || @mkdir($folder, 0o700, true) || is_dir($folder) || throw new RuntimeException("{$folder} cannot be made.");

        return $folder;
    }

    /** Runs an artisan command against the server's own database. */
    public function artisan(string $command): void
    {
        $process = proc_open(
            PHP_BINARY.' '.escapeshellarg(dirname(__DIR__, 3).'/artisan').' '.$command,
            [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes, null, [...getenv(), ...$this->environment()],
        );
        $said = $process === false ? '' : stream_get_contents($pipes[1]).stream_get_contents($pipes[2]);
        if ($process === false || proc_close($process) !== 0) {
            throw new RuntimeException("artisan {$command} failed: {$said}");
        }
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            foreach (self::children(proc_get_status($this->process)['pid']) as $child) {
                posix_kill($child, SIGTERM);
            }
            proc_terminate($this->process);
            proc_close($this->process);
        }
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return $this->settings + [
            'APP_ENV' => 'testing', 'APP_DEBUG' => 'false', 'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'APP_URL' => $this->url,
            'DB_DATABASE' => "{$this->folder}/eskith.sqlite", 'ESKITH_DEMO' => 'true', 'DB_PERSISTENT' => 'true',
            'SESSION_DRIVER' => 'file', 'SESSION_FILES' => "{$this->folder}/visits", 'CACHE_STORE' => 'file',
            'CACHE_FILES' => "{$this->folder}/cache", 'CACHE_LIMITER' => 'memory',
            'LOG_CHANNEL' => 'stderr', 'BCRYPT_ROUNDS' => '4',
            'ESKITH_WRITES_A_MINUTE' => '1000000', 'ESKITH_OFTEN_A_MINUTE' => '1000000',
        ];
    }

    /** Most memory that a process of the server has held so far, MB. */
    public function peakMegabytes(): float
    {
        $pid = is_resource($this->process) ? proc_get_status($this->process)['pid'] : 0;
        $peaks = array_map(static function (int $one): float {
            preg_match('/VmHWM:\s+(\d+) kB/', (string) @file_get_contents("/proc/{$one}/status"), $found);

            return ((int) ($found[1] ?? 0)) / 1024;
        }, [$pid, ...self::children($pid)]);

        return max($peaks);
    }

    /** @return list<int> */
    private static function children(int $pid): array
    {
        $found = @file_get_contents("/proc/{$pid}/task/{$pid}/children");

        return array_map(intval(...), preg_split('/\s+/', trim((string) $found), -1, PREG_SPLIT_NO_EMPTY) ?: []);
    }
}
