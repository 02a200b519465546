<?php

declare(strict_types=1);

namespace App\Data;

/** What another school would tie on, in the words that set it apart: "front hole", "gold half-ounce blade, short pop". */
final readonly class SchoolData
{
    public function __construct(
        public string $school,
        public bool $agrees,
        public string $words,
        public string $key,
    ) {
    }
}
