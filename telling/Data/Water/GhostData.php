<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

use Eskith\Telling\Data\Picture\DropData;
use Eskith\Telling\Data\Picture\LureDrawing;

/** A second drop held beside the first, with what it does otherwise. */
final readonly class GhostData
{
    /**
     * @param  list<string>  $differences
     */
    public function __construct(
        public string $title,
        public LureDrawing $drawing,
        public ?int $holeIndex,
        public DropData $drop,
        public array $differences,
    ) {
    }
}
