<?php

declare(strict_types=1);

namespace Tests\Server;

use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\AppServer;
use Tests\Server\Support\Answer;
use Tests\Server\Support\Clients;
use Tests\Server\Support\Request;

/** What an angler writes in a minute is counted once for all the processes that answer. */
final class ThrottleTest extends TestCase
{
    private const BOUND = 20;

    public function test_no_process_of_the_server_counts_by_itself(): void
    {
        $server = AppServer::start(4, ['ESKITH_OFTEN_A_MINUTE' => (string) self::BOUND]);
        try {
            $clients = new Clients($server->url, array_fill(0, 4, 'often@example.test'));
            $clients->signIn();
            $read = static fn (): Request => new Request('PUT', '/readings', ['readings' => ['depth' => '26 ft']]);
            $statuses = array_map(
                static fn (Answer $answer): int => $answer->status,
                $clients->together(array_fill(0, 4, array_fill(0, self::BOUND, $read))),
            );
        } finally {
            $server->stop();
        }
        $met = array_count_values($statuses);
        ksort($met);

        self::assertSame([200 => self::BOUND, 429 => 3 * self::BOUND], $met);
    }
}
