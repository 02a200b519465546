<?php

declare(strict_types=1);

namespace App\Data\Places;

use Eskith\Telling\Enums\MarkKind;

/** A mark, what it says, and the fields it is mended by. */
final readonly class PlacedMarkData
{
    public function __construct(
        public string $uuid,
        public MarkKind $kind,
        public string $word,
        public string $words,
        public float $x,
        public float $y,
        public bool $about,
        public string $at,
        public string $depth,
        public ?string $bottom,
        public string $side,
        public string $direction,
        public string $note,
    ) {
    }
}
