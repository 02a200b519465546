<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** What the record says of one level of one factor: how many times as often as the rules expect, and the points of it. */
final readonly class Level
{
    public function __construct(
        public string $factor,
        public string $level,
        public float $multiplier,
        public float $low,
        public float $high,
        public float $points,
        public float $touches,
        public float $hours,
    ) {
    }
}
