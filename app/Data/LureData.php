<?php

declare(strict_types=1);

namespace App\Data;

/** A lure in the tackle box. */
final readonly class LureData
{
    public function __construct(
        public int $id,
        public string $title,
        public string $details,
        public LureDrawing $drawing,
    ) {
    }
}
