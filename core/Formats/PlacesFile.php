<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

use Eskith\Core\Units\InvalidInput;

/** What a file of places holds: single places, lines through places, and tracks as they were sailed. */
final class PlacesFile
{
    /** Bytes and points of a file at the most. */
    public const BYTES = 52_428_800;

    public const POINTS = 200_000;

    /** Seconds since 1970 that a time of such a file can be: the years 1900 to 2100. */
    private const TIMES = [-2_208_988_800, 4_133_980_800];

    /**
     * @param  list<Waypoint>  $waypoints
     * @param  list<Track>  $routes
     * @param  list<Track>  $tracks
     */
    public function __construct(public array $waypoints = [], public array $routes = [], public array $tracks = [])
    {
    }

    public function points(): int
    {
        return array_reduce(
            [...$this->routes, ...$this->tracks], static fn (int $sum, Track $one): int => $sum + $one->count(), count($this->waypoints),
        );
    }

    /** A time as it stands in a file, in seconds since 1970; null for what is none, or no year that anybody fished in. */
    public static function seconds(string $text): ?int
    {
        $seconds = $text === '' ? false : strtotime($text);

        return $seconds !== false && self::isTime($seconds) ? $seconds : null;
    }

    public static function isTime(float $seconds): bool
    {
        return $seconds >= self::TIMES[0] && $seconds < self::TIMES[1];
    }

    /**
     * @throws InvalidInput when it is longer than any file of places
     */
    public static function demandSize(string $text): void
    {
        if (strlen($text) > self::BYTES) {
            throw InvalidInput::because('file', 'That file is over 50 MB; split it.');
        }
    }
}
