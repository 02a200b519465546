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

    /**
     * The same with what is named changed.
     *
     * @param  mixed  ...$wanted  by property
     */
    public function with(mixed ...$wanted): self
    {
        /** @phpstan-ignore argument.type (each is given by the name of its property, and PHP checks its type) */
        return new self(...[...get_object_vars($this), ...$wanted]);
    }
}
