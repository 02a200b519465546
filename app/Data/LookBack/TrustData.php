<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** How often the better of two was put first, by the rules or with the record. */
final readonly class TrustData
{
    public function __construct(
        public string $by,
        public int $right,
        public int $pairs,
        public int $outings,
        public float $mean,
        public float $low,
        public float $high,
        public ?float $correlation,
    ) {
    }
}
