<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A part of the bottom that is worth a look, and why. */
final readonly class LookPlaceData
{
    /**
     * @param  list<string>  $reasons
     * @param  string|null  $line  across it, from its top down; null where it falls nowhere
     */
    public function __construct(
        public string $kind,
        public string $title,
        public string $where,
        public array $reasons,
        public float $x,
        public float $y,
        public ?string $line,
    ) {
    }
}
