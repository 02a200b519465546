<?php

declare(strict_types=1);

namespace App\Data\Plans;

/** A cast from a stand to its landing, or a drift from its start to its end; m east and north. */
final readonly class PlanMarkData
{
    public function __construct(
        public int $n,
        public float $fromX,
        public float $fromY,
        public float $toX,
        public float $toY,
        public bool $made,
    ) {
    }
}
