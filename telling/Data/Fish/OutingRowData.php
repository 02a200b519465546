<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** An outing in the list of all. */
final readonly class OutingRowData
{
    /** @param  string  $words  "3 h 20 min on two rods, 6 touches, 2 landed" */
    public function __construct(
        public string $uuid,
        public string $place,
        public string $startedAt,
        public bool $underWay,
        public string $words,
        public string $note,
    ) {
    }
}
