<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** A usual dozen for an empty box. */
final readonly class StartingBoxData
{
    /** @param  list<StartingLureData>  $lures */
    public function __construct(
        public string $kind,
        public string $word,
        public array $lures,
    ) {
    }
}
