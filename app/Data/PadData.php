<?php

declare(strict_types=1);

namespace App\Data;

/** A small pad of the Fish station: what a tap logs, what stands on it, and its key. */
final readonly class PadData
{
    public function __construct(
        public string $kind,
        public string $label,
        public string $key,
    ) {
    }
}
