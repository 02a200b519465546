<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** What another school would tie on, in the words that set it apart: "front hole", "gold half-ounce blade, short pop". */
final readonly class SchoolData
{
    public function __construct(
        public string $school,
        public bool $agrees,
        public string $words,
        /** The way that it would fish; null where it is the same, only let down another way. */
        public ?string $key,
    ) {
    }
}
