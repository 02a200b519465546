<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Picture;

use Eskith\Telling\Data\Work\FallData;

/** The drop of one pick, to be drawn to scale: the line from the lure up, in metres from the rod. */
final readonly class DropData
{
    /**
     * @param  list<FallData>  $fall
     * @param  list<PointData>  $line  empty when the line never reaches the bottom
     * @param  list<PointData>  $gustLine  the line in the gusts; empty when none was read
     */
    public function __construct(
        public array $line,
        public float $offsetM,
        public ?float $angleDeg,
        public string $angleText,
        public string $lineOutText,
        public string $secondsText,
        public ?float $seconds,
        public bool $holds,
        public float $liftM,
        public array $fall,
        public float $hangDeg,
        public string $hangText,
        public string $spoken,
        public string $words,
        public string $basis,
        public array $gustLine,
        public string $gustText,
        /** m above the bottom at which the lure is worked: 0 on it. */
        public float $heldM,
        /** What the seconds lead to: "to bottom". */
        public string $downTo,
        public ?CastShapeData $cast,
    ) {
    }
}
