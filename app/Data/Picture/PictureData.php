<?php

declare(strict_types=1);

namespace App\Data\Picture;

use App\Data\AsideData;

/** The water column with what one would tie on: all that a page beside the stations shows of the day. */
final readonly class PictureData
{
    /** @param  list<AsideData>  $aside  what is kept and cannot be used */
    public function __construct(
        public ColumnData $column,
        public ?DropData $drop,
        public ?LureDrawing $lure,
        public ?int $holeInUse,
        public string $title,
        public array $aside,
    ) {
    }
}
