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

    /** The same with what is named changed. */
    public function with(
        ?Species $species = null, ?How $how = null, ?Zone $zone = null, ?Mood $mood = null,
        ?bool $pressured = null, ?bool $hop = null, ?bool $flowAway = null, ?bool $marksBelow = null,
    ): self {
        return new self(
            $species ?? $this->species, $how ?? $this->how, $zone ?? $this->zone, $mood ?? $this->mood,
            $pressured ?? $this->pressured, $hop ?? $this->hop, $flowAway ?? $this->flowAway, $marksBelow ?? $this->marksBelow,
        );
    }
}
