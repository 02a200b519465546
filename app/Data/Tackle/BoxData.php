<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** Lures found in the box. */
final readonly class BoxData
{
    /**
     * @param  list<LureData>  $lures
     */
    public function __construct(
        public array $lures,
        public int $total,
        public int $inBox,
        public bool $more,
    ) {
    }
}
