<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** Something that was done to an item. */
final readonly class HistoryData
{
    public function __construct(
        public string $what,
        public string $at,
    ) {
    }
}
