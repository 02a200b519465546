<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A point in metres: across, positive down-flow, and height above the bottom. */
final readonly class PointData
{
    public function __construct(
        public float $x,
        public float $h,
    ) {
    }
}
