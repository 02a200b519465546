<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use RuntimeException;

final class FreePort
{
    public static function find(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }

    public static function waitFor(int $port, float $seconds): void
    {
        for ($until = microtime(true) + $seconds; microtime(true) < $until; usleep(20_000)) {
            $socket = @fsockopen('127.0.0.1', $port, $code, $words, 1);
            if ($socket !== false) {
                fclose($socket);

                return;
            }
        }
        throw new RuntimeException("Nothing answers on port {$port} after {$seconds} s.");
    }
}
