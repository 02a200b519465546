<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** One cell of the weight chart. */
final readonly class CellData
{
    public function __construct(
        public string $words,
        public ?float $massKg,
        public bool $here,
    ) {
    }
}
