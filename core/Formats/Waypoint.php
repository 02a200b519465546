<?php

declare(strict_types=1);

namespace Eskith\Core\Formats;

/** A place of a GPX file; degrees, m, and a moment as "2026-11-25T06:00:00Z". */
final readonly class Waypoint
{
    /** @param  string  $kind  what it marks, in a word of our own: spot, fish, snag … */
    public function __construct(
        public float $latitude,
        public float $longitude,
        public string $name,
        public string $description = '',
        public string $kind = '',
        public ?string $time = null,
        public ?float $depthM = null,
        /** @var array<string, string> what only we know of it, by name: side, direction, bottom … */
        public array $more = [],
    ) {
    }
}
