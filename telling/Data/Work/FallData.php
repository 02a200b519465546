<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** A lure on its way down: seconds, metres above the bottom, metres carried to the side. */
final readonly class FallData
{
    public function __construct(
        public float $t,
        public float $h,
        public float $x,
    ) {
    }
}
