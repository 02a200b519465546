<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** A line or another piece of gear. */
final readonly class GearData
{
    public function __construct(
        public ?int $id,
        public string $kind,
        public string $name,
        public string $details,
        public int $quantity,
        public ?string $putOn,
    ) {
    }
}
