<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Care\Species;
use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Water\Runs;

/** What the angler is after and how. */
final readonly class Aim
{
    public function __construct(
        public Species $species,
        public FishingMode $how = FishingMode::Vertical,
        public Zone $zone = Zone::Bottom,
        public Mood $mood = Mood::Neutral,
        public bool $pressured = false,
        public bool $hop = false,
        /** As older records and files say it, where nothing is said of how it runs. */
        public bool $flowAway = false,
        public bool $marksBelow = false,
        /** Where the water goes past one who casts; null where that was not read. */
        public ?Runs $runs = null,
        /** m from the rod to the splash, and the way down from there. */
        public float $castM = Cast::USUAL_M,
        public Bail $bail = Bail::Open,
    ) {
    }

    /** Whether the water is known to run away from the angler. */
    public function runsAway(): bool
    {
        return $this->runs === null ? $this->flowAway : $this->runs === Runs::Away;
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
