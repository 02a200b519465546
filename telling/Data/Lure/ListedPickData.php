<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\Picture\LureDrawing;

/** A lure with hole and cadence as a list of picks shows it. */
final readonly class ListedPickData
{
    /** @param  int  $place  of the lure in the whole ranking, from 1 */
    public function __construct(
        public string $key,
        public int $lureId,
        public int $place,
        public string $title,
        public string $subtitle,
        public LureDrawing $drawing,
        public ?int $holeIndex,
        public string $secondsText,
        /** How the line leans, or how far out a cast lies; and which of them it is. */
        public string $asideText,
        public string $asideWord,
        public float $points,
        public string $pointsText,
        public float $forPoints,
        public float $againstPoints,
        /** Of a usual dozen, and not yet said to be one's own. */
        public bool $usual,
    ) {
    }
}
