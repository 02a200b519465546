<?php

declare(strict_types=1);

namespace Eskith\Core\Formats\Nmea;

/** What one sentence tells; null where it is silent. SI units, degrees for directions and places. */
final readonly class Observation
{
    public function __construct(
        public ?float $depthM = null,
        public ?float $waterC = null,
        public ?float $speedMs = null,
        public ?float $courseDeg = null,
        public ?float $latitude = null,
        public ?float $longitude = null,
        public ?float $windMs = null,
        public ?float $windDeg = null,
    ) {
    }

    public function isEmpty(): bool
    {
        return array_filter(get_object_vars($this), is_float(...)) === [];
    }
}
