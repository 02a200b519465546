<?php

declare(strict_types=1);

namespace App\Data\Tackle;

use Eskith\Telling\Data\Picture\LureDrawing;

/** One of a usual dozen, by its place in it. */
final readonly class StartingLureData
{
    public function __construct(
        public int $place,
        public string $title,
        public LureDrawing $drawing,
    ) {
    }
}
