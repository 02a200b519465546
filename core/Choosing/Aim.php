<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;

/** What the angler is after and how. */
final readonly class Aim
{
    public function __construct(
        public Species $species,
        public How $how = How::Vertical,
        public Zone $zone = Zone::Bottom,
        public Mood $mood = Mood::Neutral,
        public bool $pressured = false,
        public bool $hop = false,
        public bool $flowAway = false,
        public bool $marksBelow = false,
    ) {
    }
}
