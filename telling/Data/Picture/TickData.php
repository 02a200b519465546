<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

/** A mark on the depth scale. */
final readonly class TickData
{
    public function __construct(
        public float $m,
        public string $label,
    ) {
    }
}
