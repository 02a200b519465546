<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** What was read at another spot and is not known here. */
final readonly class ElsewhereData
{
    /**
     * @param  string  $name  of the reading
     * @param  string  $text  as it is kept
     * @param  string  $words  as it is said
     * @param  string  $place  the spot where it was read; '' for this one, before one left it
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $text,
        public string $words,
        public string $place,
        public string $at,
    ) {
    }
}
