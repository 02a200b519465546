<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\FeedKeeper;
use App\Models\User;
use Illuminate\Console\Command;

/** Listens to a boat's instruments and fills an angler's readings; comes back when the connection is lost. */
final class ReadInstruments extends Command
{
    protected $signature = 'instruments:read
        {--email= : whose readings to fill; the demo angler\'s without it}
        {--host=127.0.0.1 : address of the instruments}
        {--port=10110 : port of the instruments}
        {--seconds=0 : stop after so many; 0 goes on until Ctrl-C}';

    protected $description = 'Fill readings from instruments that speak NMEA 0183 over TCP';

    public function handle(): int
    {
        $email = $this->option('email') ?? config('eskith.demo_email');
        $user = User::query()->where('email', $email)->first();
        if ($user === null) {
            $this->error("There is no angler with the e-mail {$email}.");

            return self::FAILURE;
        }
        $address = "{$this->option('host')}:{$this->option('port')}";
        $keeper = new FeedKeeper($user, $address);
        $until = microtime(true) + ((float) $this->option('seconds') ?: INF);
        $told = false;
        while (microtime(true) < $until) {
            $wire = @stream_socket_client("tcp://{$address}", $code, $why, 3);
            if ($wire === false) {
                if (! $told) {
                    $this->warn("Nothing speaks at {$address}; trying again until it does.");
                    $told = true;
                }
                usleep(700_000);

                continue;
            }
            $this->info("Listening to {$address}.");
            $told = false;
            $this->listen($wire, $keeper, $until);
            fclose($wire);
        }

        return self::SUCCESS;
    }

    /** @param  resource  $wire */
    private function listen($wire, FeedKeeper $keeper, float $until): void
    {
        stream_set_blocking($wire, false);
        $none = null;
        while (microtime(true) < $until && ! feof($wire)) {
            $read = [$wire];
            if (@stream_select($read, $none, $none, 0, 500_000) > 0) {
                $keeper->take((string) fread($wire, 8192), microtime(true));
            }
        }
    }
}
