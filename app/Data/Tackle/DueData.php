<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** Something due before the next outing. */
final readonly class DueData
{
    public function __construct(
        public ?string $item,
        public string $name,
        public string $why,
        public ?string $done,
    ) {
    }
}
