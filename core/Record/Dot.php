<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** The rate of one level with its interval and its hours, and the chance that it is the best of all. */
final readonly class Dot
{
    /** @param  list<array{float, float}>  $byOuting  touches and hours */
    public function __construct(
        public string $level, public Rates $rate, public float $touches, public float $hours, public float $best, public array $byOuting,
    ) {
    }
}
