<?php

declare(strict_types=1);

namespace App\Data;

/** Something logged. */
final readonly class EventData
{
    public function __construct(
        public string $uuid,
        public string $kind,
        public string $words,
        public string $at,
        public string $depthText,
    ) {
    }
}
