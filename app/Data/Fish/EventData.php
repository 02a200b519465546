<?php

declare(strict_types=1);

namespace App\Data\Fish;

use App\Enums\EventKind;

/** Something logged. */
final readonly class EventData
{
    public function __construct(
        public string $uuid,
        public EventKind $kind,
        public string $words,
        public string $at,
        public string $depthText,
    ) {
    }
}
