<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** Another hole or cadence for the same lure. */
final readonly class WayData
{
    public function __construct(
        public string $key,
        public string $words,
        public float $points,
        public string $pointsText,
    ) {
    }
}
