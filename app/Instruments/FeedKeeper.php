<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Feed;
use App\Models\User;
use App\Places\Recording;
use App\Readings\ReadingKeeper;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Formats\Nmea\Reader;
use Illuminate\Support\Carbon;

/** Takes what comes over the wire, keeps the latest of each, and writes it down at most once a second. */
final class FeedKeeper
{
    /** s between two writes. */
    private const EVERY_S = 1.0;

    /** Which observation fills which reading. */
    private const NAMES = ['depthM' => 'depth', 'waterC' => 'temp', 'speedMs' => 'drift', 'windMs' => 'wind'];

    private readonly Reader $reader;

    /** @var array<string, float> SI, by reading */
    private array $latest = [];

    private float $written = -INF;

    /** @var array{float, float}|null latitude and longitude, as they were heard since it was last written */
    private ?array $place = null;

    /** Values that no water or boat has. */
    private int $unbelieved = 0;

    public function __construct(private readonly User $user, private readonly string $address)
    {
        $this->reader = new Reader;
    }

    /**
     * @param  string  $bytes  as they come
     * @param  float  $now  s of a clock that does not go back
     */
    public function take(string $bytes, float $now): void
    {
        foreach ($this->reader->push($bytes) as $observation) {
            if ($observation->latitude !== null && $observation->longitude !== null) {
                $this->place = [$observation->latitude, $observation->longitude];
            }
            foreach (self::NAMES as $property => $name) {
                $value = $observation->{$property};
                if ($value === null) {
                    continue;
                }
                // Held to the same range as what is typed; a boat under way says more than a drift.
                if (Reading::from($name)->definition()->holds('', $value)) {
                    $this->latest[$name] = $value;
                } else {
                    $this->unbelieved++;
                }
            }
        }
        if (($this->latest !== [] || $this->place !== null) && $now - $this->written >= self::EVERY_S) {
            $this->write($now);
        }
    }

    private function write(float $now): void
    {
        ReadingKeeper::of($this->user)->hear($this->latest);
        Feed::query()->updateOrCreate(['user_id' => $this->user->id], [
            'address' => $this->address, 'heard' => $this->reader->heard(),
            'dropped' => $this->reader->dropped() + $this->unbelieved, 'seen_at' => Carbon::now(),
            ...($this->place === null ? [] : ['latitude' => $this->place[0], 'longitude' => $this->place[1], 'fix_at' => Carbon::now()]),
        ]);
        if ($this->place !== null && isset($this->latest['depth'])) {
            Recording::of($this->user)->hear($this->place[0], $this->place[1], $this->latest['depth'], Carbon::now());
        }
        $this->latest = [];
        $this->place = null;
        $this->written = $now;
    }
}
