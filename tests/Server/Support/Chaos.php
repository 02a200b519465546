<?php

declare(strict_types=1);

namespace Tests\Server\Support;

use PDO;
use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use Tests\Browser\Support\AppServer;

/**
 * Two anglers change places on three phones, and tap through a network that cuts, doubles and disorders, while the server is
 * killed again and again; one of the phones is ten minutes fast, one as slow.
 */
final class Chaos
{
    private const PHONES = 3;

    private const ANGLERS = ['chaos@example.test', 'other@example.test'];

    private const SKEW_MS = [0, 600_000, -600_000];

    /** s within which all of it has to be over. */
    private const LONGEST_S = 600;

    /** @var list<array<string, mixed>> every deed of every phone */
    public array $deeds = [];

    /** @var array<int, list<array<string, mixed>>> by angler: what each phone shows at the end */
    public array $shown = [];

    /** @var list<array<string, mixed>> events as they are kept */
    public array $events = [];

    /** @var array<string, list<array<string, mixed>>> what else is kept: readings, moves, outings */
    public array $beside = [];

    public int $deaths = 0;

    public float $seconds = 0.0;

    /** @var array{float, float} s since the epoch: when it began and ended */
    public array $between = [0.0, 0.0];

    private function __construct(private readonly AppServer $server, private readonly Randomizer $random, private readonly string $folder)
    {
    }

    /** @param  float  $calmS  s between two deaths of the server, about */
    public static function run(int $taps, int $seed, float $calmS): self
    {
        $folder = sys_get_temp_dir().'/eskith-chaos-'.bin2hex(random_bytes(4));
        mkdir($folder, 0o700);
        $server = AppServer::start(4);
        $run = new self($server, new Randomizer(new Mt19937($seed)), $folder);
        try {
            $run->play(intdiv($taps, self::PHONES), $seed, $calmS);
        } finally {
            $server->stop();
            exec('rm -rf '.escapeshellarg($folder));
        }

        return $run;
    }

    private function play(int $taps, int $seed, float $calmS): void
    {
        $clients = new Clients($this->server->url, array_merge(...array_map(
            static fn (string $email): array => array_fill(0, self::PHONES, $email), self::ANGLERS,
        )));
        $clients->signIn();
        $records = $this->server->records();
        $ids = array_map(static fn (string $email): int => (int) $records->query(
            "SELECT id FROM users WHERE email = '{$email}'",
        )->fetchColumn(), self::ANGLERS);
        Writes::prepare($clients, $records, $ids, self::PHONES);
        $outings = array_map(fn (int $n): array => self::afloat($clients, $records, $n * self::PHONES, $ids[$n]), array_keys($ids));
        $this->between[0] = microtime(true);
        $phones = [];
        for ($i = 0; $i < self::PHONES; $i++) {
            $phones[] = $this->phone($i, [
                'url' => $this->server->url, 'taps' => $taps,
                'anglers' => array_map(static fn (int $n): array => [
                    'id' => $ids[$n], 'cookies' => $clients->cookies($n * self::PHONES + $i), ...$outings[$n],
                ], array_keys($ids)),
                'seed' => 1000 * $seed + $i, 'skew' => self::SKEW_MS[$i], 'log' => "{$this->folder}/{$i}.log",
                'calm' => "{$this->folder}/calm",
            ]);
        }
        $this->killUntilDone($phones, $calmS);
        $this->between[1] = microtime(true);
        $this->seconds = $this->between[1] - $this->between[0];
        touch("{$this->folder}/calm");
        foreach ($phones as $i => $phone) {
            if (proc_close($phone) !== 0) {
                throw new RuntimeException("Phone {$i}: ".mb_substr((string) file_get_contents("{$this->folder}/{$i}.out"), -3000));
            }
        }
        $this->read($this->server->records());
    }

    /** @return array{outing: string, rods: list<array{uuid: string, setup: string}>} an outing under way with a lure on each of two rods */
    private static function afloat(Clients $clients, PDO $records, int $client, int $angler): array
    {
        foreach (['Vertical rod', 'Casting rod'] as $i => $name) {
            $clients->alone($client, new Request('POST', '/rods', ['uuid' => self::uuid(), 'name' => $name]));
            $lure = (int) $records->query("SELECT id FROM lures WHERE user_id = {$angler} LIMIT 1 OFFSET {$i}")->fetchColumn();
            $clients->alone($client, new Request('POST', '/tie-on', [
                'uuid' => self::uuid(), 'lure' => $lure, 'hole' => 'middle', 'cadence' => 'short_pop',
            ]));
        }

        return [
            'outing' => $records->query("SELECT uuid FROM outings WHERE user_id = {$angler}")->fetchColumn(),
            'rods' => $records->query(
                'SELECT r.uuid, (SELECT s.uuid FROM setups s WHERE s.rod_id = r.id ORDER BY s.id DESC LIMIT 1) AS setup FROM rods r '
                    ."WHERE user_id = {$angler}",
            )->fetchAll(PDO::FETCH_ASSOC),
        ];
    }

    /**
     * @param  array<string, mixed>  $told
     * @return resource
     */
    private function phone(int $i, array $told)
    {
        $out = ['file', "{$this->folder}/{$i}.out", 'a'];
        $phone = proc_open(
            ['npx', 'vitest', 'run', '--config', 'vitest.chaos.config.ts'], [['file', '/dev/null', 'r'], $out, $out], $pipes,
            dirname(__DIR__, 3), [...getenv(), 'CHAOS' => json_encode($told, JSON_THROW_ON_ERROR)],
        );

        return $phone !== false ? $phone : throw new RuntimeException('A phone cannot be started.');
    }

    /** @param  list<resource>  $phones */
    private function killUntilDone(array $phones, float $calmS): void
    {
        $until = microtime(true) + self::LONGEST_S;
        $next = microtime(true) + 2 * $calmS;
        while ($this->done() < self::PHONES && microtime(true) < $until) {
            usleep(100_000);
            foreach ($phones as $phone) {
                if (! proc_get_status($phone)['running']) {
                    return;
                }
            }
            if (microtime(true) > $next) {
                $this->server->kill();
                $this->deaths++;
                usleep($this->random->getInt(50_000, 900_000));
                $this->server->serve();
                $next = microtime(true) + $calmS * $this->random->getInt(50, 150) / 100;
            }
        }
    }

    private function done(): int
    {
        $done = 0;
        for ($i = 0; $i < self::PHONES; $i++) {
            $done += str_ends_with((string) @file_get_contents("{$this->folder}/{$i}.log"), "done\n") ? 1 : 0;
        }

        return $done;
    }

    private function read(PDO $records): void
    {
        for ($i = 0; $i < self::PHONES; $i++) {
            foreach (file("{$this->folder}/{$i}.log", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                $row = $line === 'done' ? null : json_decode($line, true, 16, JSON_THROW_ON_ERROR);
                if (isset($row['shown'])) {
                    $this->shown[$row['angler']][] = $row['shown'];
                } elseif ($row !== null) {
                    $this->deeds[] = $row;
                }
            }
        }
        $theirs = "user_id IN (SELECT id FROM users WHERE email IN ('".implode("', '", self::ANGLERS)."'))";
        $all = static fn (string $query): array => $records->query($query)->fetchAll(PDO::FETCH_ASSOC);
        // A touch that became a fish stands as that.
        $this->events = $all(
            'SELECT user_id, uuid, kind, landed, at, undone_at IS NULL OR became IS NOT NULL AS stands, note FROM events '
                ."WHERE {$theirs} ORDER BY at, id",
        );
        $this->beside = [
            'readings' => $all("SELECT user_id, text FROM readings WHERE {$theirs} AND name = 'air' ORDER BY user_id"),
            'moves' => $all("SELECT user_id, uuid, place FROM moves WHERE {$theirs} ORDER BY uuid"),
            'outings' => $all("SELECT user_id, uuid, joined FROM outings WHERE {$theirs} ORDER BY user_id"),
        ];
    }

    /**
     * What must be kept, told from the deeds alone: what was logged, and of each what was said of it last.
     *
     * @return array<string, array{angler: int, kind: string, stands: bool, note: string}> by id
     */
    public function wanted(): array
    {
        $deeds = $this->deeds;
        usort($deeds, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $wanted = [];
        foreach ($deeds as $deed) {
            if ($deed['do'] === 'log') {
                $wanted[$deed['id']] = ['angler' => $deed['angler'], 'kind' => $deed['entry']['kind'], 'stands' => true, 'note' => ''];
            }
        }
        foreach ($deeds as $deed) {
            match ($deed['do']) {
                'undo' => $wanted[$deed['event']]['stands'] = false,
                'put_back' => $wanted[$deed['event']]['stands'] = true,
                'amend' => $wanted[$deed['event']]['note'] = $deed['changes']['note'],
                default => null,
            };
        }
        ksort($wanted);

        return $wanted;
    }

    /**
     * The same of what stands beside the log: of each angler what was read last, where they moved, and what they began.
     *
     * @return array<int, array{read: string|null, moves: array<string, string>, begun: list<string>}>
     */
    public function wantedBeside(): array
    {
        $deeds = $this->deeds;
        usort($deeds, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);
        $wanted = [];
        foreach ($deeds as $deed) {
            $wanted[$deed['angler']] ??= ['read' => null, 'moves' => [], 'begun' => []];
            match ($deed['do']) {
                'read' => $wanted[$deed['angler']]['read'] = $deed['text'],
                'move' => $wanted[$deed['angler']]['moves'][$deed['id']] = "{$deed['name']} · Chaos tarn",
                'begin' => $wanted[$deed['angler']]['begun'][] = $deed['id'],
                default => null,
            };
        }

        return self::inOrder($wanted);
    }

    /** @return array<int, array{read: string|null, moves: array<string, string>, begun: list<string>}> */
    public function keptBeside(): array
    {
        $kept = [];
        foreach ($this->beside['outings'] as $outing) {
            $kept[(int) $outing['user_id']] ??= ['read' => null, 'moves' => [], 'begun' => []];
            $kept[(int) $outing['user_id']]['begun'] = [
                ...$kept[(int) $outing['user_id']]['begun'], ...(array) json_decode((string) ($outing['joined'] ?? '[]'), true),
            ];
        }
        foreach ($this->beside['readings'] as $reading) {
            $kept[(int) $reading['user_id']]['read'] = str_replace("\u{A0}", ' ', (string) $reading['text']);
        }
        foreach ($this->beside['moves'] as $move) {
            $kept[(int) $move['user_id']]['moves'][$move['uuid']] = $move['place'];
        }

        return self::inOrder($kept);
    }

    /**
     * @param  array<int, array{read: string|null, moves: array<string, string>, begun: list<string>}>  $of
     * @return array<int, array{read: string|null, moves: array<string, string>, begun: list<string>}>
     */
    private static function inOrder(array $of): array
    {
        foreach ($of as &$one) {
            ksort($one['moves']);
            sort($one['begun']);
        }
        ksort($of);

        return $of;
    }

    /** @return array<string, array{angler: int, kind: string, stands: bool, note: string}> by id */
    public function kept(): array
    {
        $kept = [];
        foreach ($this->events as $event) {
            $kept[$event['uuid']] = [
                'angler' => (int) $event['user_id'], 'kind' => $event['kind'], 'stands' => (bool) $event['stands'],
                'note' => $event['note'],
            ];
        }
        ksort($kept);

        return $kept;
    }

    private static function uuid(): string
    {
        $hex = bin2hex(random_bytes(16));

        return substr($hex, 0, 8).'-'.substr($hex, 8, 4).'-4'.substr($hex, 13, 3).'-8'.substr($hex, 17, 3).'-'.substr($hex, 20, 12);
    }
}
