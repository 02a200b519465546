<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\SimulatedBoat;
use Eskith\Core\Words\Words;
use Illuminate\Console\Command;

/** Speaks NMEA 0183 over TCP like the instruments of a boat on the demo lake. */
final class SimulateInstruments extends Command
{
    protected $signature = 'instruments:simulate
        {--host=127.0.0.1 : address to listen on}
        {--port=10110 : port to listen on}
        {--seconds=0 : stop after so many; 0 goes on until Ctrl-C}
        {--garbage=0 : per cent of lines that are noise}';

    protected $description = 'Simulate the instruments of a boat on the demo lake (NMEA 0183 over TCP)';

    public function handle(): int
    {
        $server = @stream_socket_server("tcp://{$this->option('host')}:{$this->option('port')}", $code, $why);
        if ($server === false) {
            $this->error(Words::of('Cannot listen on port {host}: {why}.', host: $this->option('port'), why: $why));

            return self::FAILURE;
        }
        $this->info(Words::of(
            'Instruments speak on {host}:{port} (Ctrl-C stops them).', host: $this->option('host'), port: $this->option('port'),
        ));
        $last = (float) $this->option('seconds') ?: INF;
        $garbage = (int) $this->option('garbage');
        /** @var array<int, resource> $listeners */
        $listeners = [];
        $start = microtime(true);
        for ($tick = 0; microtime(true) - $start < $last; $tick++) {
            $says = SimulatedBoat::says($tick);
            foreach ($says as $place => $line) {
                $wait = $start + $tick + $place / count($says) - microtime(true);
                $this->welcome($server, $listeners, max(0.0, $wait));
                $noise = random_int(1, 100) <= $garbage ? substr(base64_encode(random_bytes(40)), 0, random_int(1, 50))."\r\n" : '';
                foreach ($listeners as $id => $listener) {
                    if (@fwrite($listener, "{$noise}{$line}\r\n") === false) {
                        fclose($listener);
                        unset($listeners[$id]);
                    }
                }
            }
        }

        return self::SUCCESS;
    }

    /**
     * Waits, and takes whoever connects meanwhile.
     *
     * @param  resource  $server
     * @param  array<int, resource>  $listeners
     */
    private function welcome($server, array &$listeners, float $seconds): void
    {
        $read = [$server];
        $none = null;
        $until = microtime(true) + $seconds;
        do {
            $left = max(0.0, $until - microtime(true));
            $read = [$server];
            if (@stream_select($read, $none, $none, 0, (int) min(999_999, $left * 1e6)) > 0) {
                $listener = @stream_socket_accept($server, 0);
                if ($listener !== false) {
                    stream_set_blocking($listener, false);
                    $listeners[] = $listener;
                }
            }
        } while (microtime(true) < $until);
    }
}
