<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** The way back onto a mark, to be read at arm's length. */
final readonly class WayBackData
{
    /**
     * @param  string  $away  how far, "38 ft"; "Here" within what the phone knows
     * @param  float|null  $arrowDeg  of an arrow, clockwise from straight up: from the course where the boat goes, else from north
     * @param  string  $turn  what to do, or the bearing while the boat hardly moves
     * @param  bool  $isTurn  whether the arrow is of the course
     * @param  string  $start  from where to drift so that the lure passes it
     */
    public function __construct(
        public string $away,
        public ?float $arrowDeg,
        public string $turn,
        public bool $isTurn,
        public string $start,
    ) {
    }
}
