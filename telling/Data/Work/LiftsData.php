<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** Lifts that were made, in words, and the last of them as it would be kept. */
final readonly class LiftsData
{
    /** @param  list<float>  $speeds  m/s of each span of the last */
    public function __construct(
        public string $said,
        public string $together,
        public string $against,
        public string $wanted,
        public string $made,
        public float $riseM,
        public float $durationS,
        public array $speeds,
        public float $wantedMs,
    ) {
    }
}
