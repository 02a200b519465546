<?php

declare(strict_types=1);

namespace Tests\Support;

use Tests\Browser\Support\AppServer;

/** How soon somebody who signs in is answered while two others send files that are made to stop a server. */
final class HostileBench
{
    /** s that the page to sign in may take. */
    private const SLOW = 1.0;

    private const LOOKS = 60;

    /** Prints a line for each kind of file; 1 when somebody waited too long, or a process was lost. */
    public static function run(): int
    {
        $server = AppServer::start(4);
        try {
            // Of one angler one file is read at a time.
            $senders = array_map(static fn (int $i): Visitor => Visitor::registered($server->url, "hostile{$i}@example.test"), [1, 2]);
            $waters = array_map(static function (Visitor $sender) use ($server): int {
                $sender->send('POST', '/spots', ['json' => ['water' => 'Long tarn', 'spot' => 'Bar']]);

                return (int) $server->records()->query('SELECT max(id) FROM waters')->fetchColumn();
            }, $senders);
            $bad = 0;
            foreach (self::files() as $name => [$address, $file, $contents]) {
                $sent = array_map(static fn (Visitor $sender, int $water) => $sender->later(
                    'POST', str_replace('WATER', (string) $water, $address), Visitor::file($contents, $file),
                ), $senders, $waters);
                Visitor::goOn();
                $slowest = self::slowestLook($server->url);
                $status = implode(' and ', array_map(static fn ($one): int => $one->wait()->getStatusCode(), $sent));
                printf("%-34s %s; /sign-in at the slowest %.2f s, %d processes, %.0f MB at most\n",
                    $name, $status, $slowest, $server->workers(), $server->peakMegabytes());
                $bad += (int) ($slowest > self::SLOW || $server->workers() !== 4);
            }

            return $bad === 0 ? 0 : 1;
        } finally {
            $server->stop();
        }
    }

    private static function slowestLook(string $url): float
    {
        $slowest = 0.0;
        for ($i = 0; $i < self::LOOKS; $i++) {
            $began = microtime(true);
            (new Visitor($url))->get('/sign-in');
            $slowest = max($slowest, microtime(true) - $began);
        }

        return $slowest;
    }

    /** @return array<string, array{string, string, string}> address, name of the file, and what is in it */
    private static function files(): array
    {
        $gpx = '<gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1" creator="x">';

        return [
            'elements without end' => ['/waters/WATER/import', 'a.gpx', $gpx.str_repeat('<a/>', 3_000_000).'</gpx>'],
            'two hundred thousand soundings' => [
                '/waters/WATER/import', 'a.csv', "lat,lon,depth_m\n".str_repeat("60.1,5.1,4.2\n", 190_000),
            ],
            'lists in lists' => [
                '/log', 'a.json', '{"format":"eskith-log","version":1,"events":['.str_repeat('[[0],[0]],', 2_000_000).'[]]}',
            ],
        ];
    }
}
