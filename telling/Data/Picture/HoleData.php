<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A line hole, millimetres from the nose and above the middle line. */
final readonly class HoleData
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
    ) {
    }
}
