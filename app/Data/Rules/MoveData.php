<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** A lure's place and points before and after. */
final readonly class MoveData
{
    public function __construct(
        public string $title,
        public int $before,
        public int $after,
        public string $beforePoints,
        public string $afterPoints,
    ) {
    }
}
