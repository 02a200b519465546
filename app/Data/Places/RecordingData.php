<?php

declare(strict_types=1);

namespace App\Data\Places;

/** What is being recorded. */
final readonly class RecordingData
{
    public function __construct(
        public string $uuid,
        public int $waterId,
        public string $water,
        public string $since,
        public int $count,
        public string $words,
    ) {
    }
}
