<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** A level with its touches per rod-hour, the 80 % interval, its hours, and the chance in a hundred that it is the best. */
final readonly class DotData
{
    public function __construct(
        public string $level, public float $mean, public float $low, public float $high, public string $hours, public int $touches,
        public int $outings, public int $best,
    ) {
    }
}
