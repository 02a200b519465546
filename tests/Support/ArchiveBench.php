<?php

declare(strict_types=1);

namespace Tests\Support;

use GuzzleHttp\Promise\PromiseInterface;
use PDO;
use Psr\Http\Message\ResponseInterface;
use RuntimeException;
use Tests\Browser\Support\AppServer;

/**
 * An account with as much of everything as one can have: out as a file, taken away, and in again for somebody new, while another
 * angler goes on logging.
 */
final class ArchiveBench
{
    /** s that all of it may take, and MB that a process may hold. */
    private const LONGEST_S = 120.0;

    private const MEGABYTES = 256.0;

    /** What is counted and summed up of each table; a place that is sounded twice is one. */
    private const SUMS = [
        'waters' => 'count(*), sum(length(name))', 'spots' => 'count(*), sum(length(name))', 'lures' => 'count(*), round(sum(mass_kg), 6)',
        'rods' => 'count(*), round(sum(length_m), 6)', 'outings' => 'count(*), sum(strftime("%s", started_at))',
        'setups' => 'count(*), sum(strftime("%s", tied_at))', 'events' => 'count(*), sum(strftime("%s", at)), count(DISTINCT uuid)',
        'pauses' => 'count(*), count(DISTINCT uuid)', 'marks' => 'count(*), round(sum(east_m), 3)',
        'edges' => 'count(*), sum(length(points))',
        'surveys' => 'count(*), count(DISTINCT uuid)', 'soundings' => 'round(sum(depth_m), 3), count(*)',
        'measurements' => 'count(*), round(sum(value), 6)', 'pictures' => 'count(*), sum(size)', 'plans' => 'count(*), sum(length(made))',
        'history' => 'count(*), count(DISTINCT uuid)',
    ];

    /** Prints how long each took, and whether all is there again; 1 when it is not, or was slow. */
    public static function run(): int
    {
        $server = AppServer::start(2);
        try {
            $records = $server->records();
            CapsBench::fill($records, self::idOf($records, 'demo@eskith.invalid'));
            $demo = new Visitor($server->url, cookies: $server->demoVisit());
            $first = Visitor::registered($server->url, 'first@example.test');
            $beside = Visitor::registered($server->url, 'beside@example.test');
            $file = (string) $demo->get('/account/archive.zip')->getBody();
            self::timed('a first account is made', $beside, $first->later('POST', '/account/archive', Visitor::file($file, 'a.zip')));
            $before = self::sums($records, self::idOf($records, 'first@example.test'));
            [$took, $answer] = self::timed('out', $beside, $first->later('GET', '/account/archive.zip'));
            $file = (string) $answer->getBody();
            $took += self::timed('taken away', $beside, $first->later(
                'DELETE', '/account', ['json' => ['goodbye' => 'a long password']],
            ))[0];
            $left = self::left($records, self::idOf($records, 'first@example.test', 0));
            $second = Visitor::registered($server->url, 'second@example.test');
            $took += self::timed('in', $beside, $second->later('POST', '/account/archive', Visitor::file($file, 'a.zip')))[0];
            $after = self::sums($records, self::idOf($records, 'second@example.test'));
            $differs = array_keys(array_diff_assoc($before, $after));
            printf("%s events, %s soundings, %.0f MB as a file: %.1f s in all, %.0f MB at most, %d rows left behind, %s\n",
                explode('|', $before['events'])[0], explode('|', $before['soundings'])[1], strlen($file) / 1e6, $took,
                $server->peakMegabytes(), $left, $differs === [] ? 'all equal' : 'DIFFERENT: '.implode(', ', $differs));

            return $differs === [] && $left === 0 && $took <= self::LONGEST_S && $server->peakMegabytes() <= self::MEGABYTES ? 0 : 1;
        } finally {
            $server->stop();
        }
    }

    /** @return array{float, ResponseInterface} s that it took, and what came back */
    private static function timed(string $what, Visitor $beside, PromiseInterface $asked): array
    {
        $began = microtime(true);
        $slowest = 0.0;
        $writes = 0;
        Visitor::goOn();
        while ($asked->getState() === PromiseInterface::PENDING) {
            $each = microtime(true);
            $beside->send('PUT', '/readings', ['json' => ['readings' => ['temp' => (40 + $writes++ % 20).' F']]]);
            $slowest = max($slowest, microtime(true) - $each);
        }
        $answer = $asked->wait();
        $seconds = microtime(true) - $began;
        printf("%-24s %6.1f s, %d: another's reading was kept %d times meanwhile, at the slowest in %.2f s\n",
            $what, $seconds, $answer->getStatusCode(), $writes, $slowest);
        if ($answer->getStatusCode() >= 400) {
            throw new RuntimeException((string) $answer->getBody());
        }

        return [$seconds, $answer];
    }

    private static function idOf(PDO $records, string $email, ?int $otherwise = null): int
    {
        $id = $records->query('SELECT id FROM users WHERE email = '.$records->quote($email))->fetchColumn();

        return $id === false ? $otherwise ?? throw new RuntimeException("Nobody is called {$email}.") : (int) $id;
    }

    /** @return array<string, string> */
    private static function sums(PDO $records, int $angler): array
    {
        $sums = [];
        foreach (self::SUMS as $table => $what) {
            $row = $records->query("SELECT {$what} FROM {$table} WHERE user_id = {$angler}")->fetch(PDO::FETCH_NUM);
            $sums[$table] = implode('|', (array) $row);
        }

        return $sums;
    }

    /** Rows of nobody. */
    private static function left(PDO $records, int $angler): int
    {
        return array_sum(array_map(static fn (string $table): int => (int) $records->query(
            "SELECT count(*) FROM {$table} WHERE user_id = {$angler} OR user_id NOT IN (SELECT id FROM users)",
        )->fetchColumn(), array_keys(self::SUMS)));
    }
}
