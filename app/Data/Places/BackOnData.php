<?php

declare(strict_types=1);

namespace App\Data\Places;

/** The way back onto a mark. */
final readonly class BackOnData
{
    public function __construct(
        public string $uuid, public string $title, public string $words, public ?float $startX, public ?float $startY
    ) {
    }
}
