<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A part of the bottom that is worth a look, and why. */
final readonly class LookPlaceData
{
    /** @param  list<string>  $reasons */
    public function __construct(
        public string $kind,
        public string $title,
        public string $where,
        public array $reasons,
        public float $x,
        public float $y,
        public ?float $falls,
    ) {
    }
}
