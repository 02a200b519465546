<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A touch or fish felt here before: height above the bottom in metres. */
final readonly class TouchData
{
    public function __construct(
        public float $h,
        public bool $fish,
        public string $words,
    ) {
    }
}
