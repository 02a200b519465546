<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Two levels within the same outings; null where there is no such bound. */
final readonly class PairData
{
    /** @param  list<PairOutingData>  $within  the latest outings in which both were fished */
    public function __construct(
        public string $factor,
        public string $more,
        public string $less,
        public ?float $ratio,
        public ?float $low,
        public ?float $high,
        public ?float $raw,
        public int $outings,
        public string $hours,
        public string $standing,
        public string $words,
        public array $within,
    ) {
    }
}
