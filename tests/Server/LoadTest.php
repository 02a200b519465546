<?php

declare(strict_types=1);

namespace Tests\Server;

use Illuminate\Foundation\Testing\TestCase as Application;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\AppServer;
use Tests\Server\Support\Answer;
use Tests\Server\Support\Clients;
use Tests\Server\Support\Request;
use Tests\Server\Support\Writes;

/**
 * Eight clients on every route that writes, against a server that runs for real: two dozen requests each in every run,
 * as many as ESKITH_LOAD says when it is set (sixty in .ci/run; ESKITH_LOAD=200 bin/test server).
 */
final class LoadTest extends Application
{
    private const CLIENTS = 8;

    private const REQUESTS = 24;

    private int $requests = self::REQUESTS;

    public function test_no_write_fails_is_lost_or_doubled_beside_others(): void
    {
        $this->requests = max(1, (int) (getenv('ESKITH_LOAD') ?: self::REQUESTS));
        $server = AppServer::start(self::CLIENTS);
        try {
            $anglers = array_map(static fn (int $i): string => 'angler'.intdiv($i, 2).'@example.test', range(0, self::CLIENTS - 1));
            $clients = new Clients($server->url, $anglers);
            $clients->signIn();
            $records = $server->records();
            $writes = new Writes($records, new Randomizer(new Mt19937(8)));
            self::assertSame(
                [], array_values(array_diff($this->writingRoutes(), array_keys($writes->all()))),
                'a route that writes is not put under load',
            );
            $ids = $records->query('SELECT id FROM users ORDER BY id LIMIT 4 OFFSET 1')->fetchAll(\PDO::FETCH_COLUMN);
            Writes::prepare($clients, $records, $ids);
            $answers = $clients->together($this->queues($writes, $ids));

            self::assertCount($this->requests * count($writes->all()), $answers);
            self::assertSame(
                [],
                self::told(array_filter($answers, static fn (Answer $answer): bool => $answer->status >= 500 || $answer->status === 0)),
                $server->log(),
            );
            $this->demandStored($answers, $records);
            self::assertSame('ok', $records->query('PRAGMA integrity_check')->fetchColumn());
        } finally {
            $server->stop();
        }
    }

    /**
     * @param  list<int>  $ids
     * @return list<list<\Closure(): Request>>
     */
    private function queues(Writes $writes, array $ids): array
    {
        $queues = array_fill(0, self::CLIENTS, []);
        $all = $writes->all();
        $order = [...array_diff(array_keys($all), Writes::LAST), ...Writes::LAST];
        foreach ([array_diff($order, Writes::LAST), Writes::LAST] as $routes) {
            for ($n = 0; $n < $this->requests; $n++) {
                $pair = intdiv($n, 2) % intdiv(self::CLIENTS, 2);
                foreach ($routes as $route) {
                    $queues[2 * $pair + $n % 2][] = static fn (): Request => $all[$route]($n, (int) $ids[$pair]);
                }
            }
        }

        return $queues;
    }

    /** @param  list<Answer>  $answers */
    private function demandStored(array $answers, \PDO $records): void
    {
        $promised = [];
        foreach ($answers as $answer) {
            if ($answer->isAcknowledged() && $answer->request->writes !== null) {
                [$table, $id] = $answer->request->writes;
                $promised[$table][$id] = true;
            }
        }
        self::assertSame([
            'edges', 'events', 'gear', 'history', 'lures', 'marks', 'measurements', 'setups', 'surveys',
        ], (static function (array $tables): array {
            sort($tables);

            return $tables;
        })(array_keys($promised)));
        foreach ($promised as $table => $ids) {
            $stored = array_count_values($records->query("SELECT uuid FROM {$table}")->fetchAll(\PDO::FETCH_COLUMN));
            self::assertGreaterThan($this->requests / 5, count($ids), "{$table}: little was written");
            self::assertSame([], array_diff_key($ids, $stored), "{$table}: acknowledged and not stored");
            self::assertSame(
                [],
                array_filter(array_intersect_key($stored, $ids), static fn (int $times): bool => $times > 1),
                "{$table}: stored twice",
            );
        }
    }

    /**
     * @param  array<array-key, Answer>  $answers
     * @return list<string>
     */
    private static function told(array $answers): array
    {
        return array_slice(
            array_values(
                array_map(
                    static fn (Answer $answer): string => "{$answer->request->method} {$answer->request->address}: "
                        ."{$answer->status} ".mb_substr($answer->body, 0, 200),
                    $answers,
                ),
            ),
            0, 12,
        );
    }

    /** @return list<string> */
    private function writingRoutes(): array
    {
        $found = [];
        foreach ($this->app->make('router')->getRoutes()->getRoutes() as $route) {
            foreach (array_diff($route->methods(), ['GET', 'HEAD', 'OPTIONS']) as $method) {
                $found[] = "{$method} {$route->uri()}";
            }
        }

        return $found;
    }
}
