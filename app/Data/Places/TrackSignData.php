<?php

declare(strict_types=1);

namespace App\Data\Places;

use Eskith\Telling\Enums\EventKind;

/** Something that was logged, where the boat was then: m east and north. */
final readonly class TrackSignData
{
    public function __construct(
        public EventKind $kind,
        public string $words,
        public string $at,
        public float $x,
        public float $y,
    ) {
    }
}
