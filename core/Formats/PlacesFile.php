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

    /**
     * @throws InvalidInput when it is longer than any file of places
     */
    public static function demandSize(string $text): void
    {
        if (strlen($text) > self::BYTES) {
            throw InvalidInput::because('file', 'That file is over 50 MB. Split it.');
        }
    }
}
