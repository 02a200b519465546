<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** What a file adds, changes and is refused for. */
final readonly class ImportData
{
    /**
     * @param  list<ImportLineData>  $lines
     */
    public function __construct(
        public int $add,
        public int $change,
        public int $same,
        public int $refused,
        public array $lines,
    ) {
    }
}
