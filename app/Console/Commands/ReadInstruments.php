<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Instruments\FeedKeeper;
use App\Models\User;
use Eskith\Core\Words\Words;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Console\Command;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/** Listens to a boat's instruments and fills an angler's readings; comes back when the connection is lost. */
final class ReadInstruments extends Command
{
    protected $signature = 'instruments:read
        {--email= : whose readings to fill; the demo angler\'s without it}
        {--host=127.0.0.1 : address of the instruments}
        {--port=10110 : port of the instruments}
        {--seconds=0 : stop after so many; 0 goes on until Ctrl-C}';

    protected $description = 'Fill readings from instruments that speak NMEA 0183 over TCP';

    /** s between two tries at the most. */
    private const LONGEST_WAIT_S = 30.0;

    /** What stood in the way when it was last said. */
    private ?string $told = null;

    public function handle(): int
    {
        $email = Coerce::text($this->option('email') ?? config('eskith.demo_email'));
        $address = "{$this->option('host')}:{$this->option('port')}";
        $until = microtime(true) + ((float) $this->option('seconds') ?: INF);
        $keeper = null;
        $wait = 0.5;
        while (microtime(true) < $until) {
            try {
                $keeper ??= $this->keeper($email, $address);
                if ($keeper === null) {
                    $this->error(Words::of('There is no angler with the e-mail {email}.', email: $email));

                    return self::FAILURE;
                }
                $wait = $this->connection($address, $keeper, $until) ? 0.5 : $wait;
            } catch (QueryException $trouble) {
                // The database is away or kept by somebody else: what is said meanwhile is missed, the next is heard.
                $this->tell('The readings cannot be written; trying again until they can.');
                DB::purge();
                $keeper = null;
            }
            $this->pause(min($wait, $until - microtime(true)));
            $wait = min(self::LONGEST_WAIT_S, $wait * 2);
        }

        return self::SUCCESS;
    }

    /** Says what stands in the way once, however long it stands there. */
    private function tell(string $words): void
    {
        if ($this->told !== $words) {
            $this->warn($words);
            $this->told = $words;
        }
    }

    private function keeper(string $email, string $address): ?FeedKeeper
    {
        $user = User::query()->where('email', User::address($email))->first();

        return $user === null ? null : new FeedKeeper($user, $address);
    }

    /** @return bool whether anything answered */
    private function connection(string $address, FeedKeeper $keeper, float $until): bool
    {
        $wire = @stream_socket_client("tcp://{$address}", $code, $why, 3);
        if ($wire === false) {
            $this->tell(Words::of('Nothing speaks at {address}; trying again until it does.', address: $address));

            return false;
        }
        $this->info(Words::of('Listening to {address}.', address: $address));
        $this->told = null;
        try {
            return $this->listen($wire, $keeper, $until);
        } finally {
            fclose($wire);
        }
    }

    /**
     * @param  resource  $wire
     * @return bool whether anything was said
     */
    private function listen($wire, FeedKeeper $keeper, float $until): bool
    {
        stream_set_blocking($wire, false);
        $none = null;
        $said = false;
        while (microtime(true) < $until && ! feof($wire)) {
            $read = [$wire];
            if (@stream_select($read, $none, $none, 0, 500_000) > 0) {
                $bytes = (string) fread($wire, 8192);
                $said = $said || $bytes !== '';
                $keeper->take($bytes, microtime(true));
            }
        }

        return $said;
    }

    private function pause(float $seconds): void
    {
        if ($seconds > 0) {
            usleep((int) ($seconds * 1e6));
        }
    }
}
