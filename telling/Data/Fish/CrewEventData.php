<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Telling\Data\PictureData;

/** What another of the crew logged. */
final readonly class CrewEventData
{
    /** @param  list<PictureData>  $pictures */
    public function __construct(
        public string $who,
        public string $words,
        public string $at,
        public string $depthText,
        public array $pictures,
    ) {
    }
}
