<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Rig;

/** How far down, and how far out, a line of one material still drives a hook with this rod. */
final readonly class ReachData
{
    /**
     * @param  float|null  $down  share of the farthest that is drawn; null where it is not known
     * @param  float|null  $out  at the end of a cast
     */
    public function __construct(
        public string $material,
        public ?float $down,
        public string $downText,
        public ?float $out,
        public string $outText,
        public bool $mine,
    ) {
    }
}
