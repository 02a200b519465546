<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** A line of a file that is taken in. */
final readonly class ImportLineData
{
    public function __construct(
        public int $line,
        public string $status,
        public string $words,
    ) {
    }
}
