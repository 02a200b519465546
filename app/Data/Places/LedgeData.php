<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A ledge in a section, and how it is reached from the deep end. */
final readonly class LedgeData
{
    public function __construct(
        public float $alongM, public float $depthM, public string $text, public float $aimAlongM, public string $cast
    ) {
    }
}
