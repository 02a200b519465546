<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Browser\Support\AppServer;
use Tests\Server\Support\Answer;
use Tests\Server\Support\Clients;
use Tests\Server\Support\Request;
use Tests\Server\Support\Writes;

/** The server dies five times while sixteen write: what it has said is kept is kept, and the file is sound. */
final class KilledServerTest extends TestCase
{
    private const WRITERS = 16;

    private const DEATHS = 5;

    private const ROUTES = ['POST outings/{outing}/events', 'POST tie-on', 'POST lures', 'PUT readings', 'POST gear'];

    public function test_what_was_acknowledged_is_stored(): void
    {
        $server = AppServer::start(8);
        try {
            $clients = new Clients(
                $server->url,
                array_map(static fn (int $i): string => 'angler'.intdiv($i, 4).'@example.test', range(0, self::WRITERS - 1)),
            );
            $clients->signIn();
            $records = $server->records();
            $ids = $records->query('SELECT id FROM users ORDER BY id LIMIT 4 OFFSET 1')->fetchAll(\PDO::FETCH_COLUMN);
            Writes::prepare($clients, $records, $ids, 4);
            $promised = [];
            for ($death = 0; $death < self::DEATHS; $death++) {
                $records = null;
                $promised = [...$promised, ...$this->untilItDies($server, $clients, $ids, 20 + 15 * $death)];
                $server->serve();
                $records = $server->records();
                self::assertSame('ok', $records->query('PRAGMA integrity_check')->fetchColumn());
                foreach ($promised as $id => $table) {
                    self::assertSame(
                        1, (int) $records->query("SELECT COUNT(*) FROM {$table} WHERE uuid = '{$id}'")->fetchColumn(),
                        "{$table} {$id}",
                    );
                }
            }
            self::assertGreaterThan(50, count($promised));
            self::assertSame(
                302, $clients->alone(0, new Request('POST', '/spots', ['water' => 'Load lake', 'spot' => 'After all']))->status,
                'visits outlive the server too',
            );
        } finally {
            $server->stop();
        }
    }

    /**
     * @param  list<int>  $ids
     * @return array<string, string> table by id of what was acknowledged
     */
    private function untilItDies(AppServer $server, Clients $clients, array $ids, int $after): array
    {
        $all = (new Writes($server->records(), new Randomizer(new Mt19937($after))))->all();
        $queues = [];
        for ($client = 0; $client < self::WRITERS; $client++) {
            for ($n = 0; $n < 60; $n++) {
                $route = self::ROUTES[($n + $client) % count(self::ROUTES)];
                $angler = (int) $ids[intdiv($client, 4)];
                $queues[$client][] = static fn (): Request => $all[$route](2 * (60 * $client + $n), $angler);
            }
        }
        $promised = [];
        $answered = 0;
        $clients->together($queues, static function (Answer $answer) use (&$promised, &$answered, $server, $after): bool {
            if ($answer->isAcknowledged() && $answer->request->writes !== null) {
                $promised[$answer->request->writes[1]] = $answer->request->writes[0];
            }
            if (++$answered === $after) {
                $server->kill();
            }

            return $answered < $after;
        });

        return $promised;
    }
}
