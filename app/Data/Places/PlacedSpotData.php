<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A spot, and where it is; not placed while it has no metres. */
final readonly class PlacedSpotData
{
    public function __construct(
        public int $id,
        public string $name,
        public string $depth,
        public ?string $bottom,
        public string $bottomWord,
        public bool $wall,
        public ?float $x,
        public ?float $y,
        public ?float $facing,
        public string $position,
        public bool $here,
    ) {
    }
}
