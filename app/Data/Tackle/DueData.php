<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** Something due before the next outing. */
final readonly class DueData
{
    public function __construct(
        /** What is to be done; things of one task stand under it. */
        public string $task,
        public ?string $item,
        public string $name,
        public string $why,
    ) {
    }
}
