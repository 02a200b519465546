<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** A spot. */
final readonly class SpotData
{
    public function __construct(
        public int $id,
        public string $name,
        public string $words,
    ) {
    }
}
