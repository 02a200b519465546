<?php

declare(strict_types=1);

namespace Eskith\Telling\Day;

use Eskith\Telling\Kept\CurrentSpot;
use Eskith\Telling\Kept\KeptBite;
use Eskith\Telling\Kept\KeptPause;
use Eskith\Telling\Kept\KeptSetup;

/** The outings of an angler's day with what was tied on in them, in one look; and one of them in view. */
final readonly class AnglersDay
{
    /** Of what its lists are made. */
    public const LISTS = ['setups' => KeptSetup::class, 'bites' => KeptBite::class, 'pauses' => KeptPause::class];

    /** h that belong to today, for a night's fishing too. */
    public const HOURS = 18.0;

    /**
     * @param  list<KeptSetup>  $setups  of all outings of the day, in the order they were tied on
     * @param  list<KeptBite>  $bites  that they brought
     * @param  list<KeptPause>  $pauses  of these outings
     * @param  int|null  $outing  id of the one in view; null between outings
     * @param  string  $place  where that is now, as it is called; '' between outings
     * @param  int|null  $spot  id of the spot where it is now; null between outings, or at no spot of the angler's own
     * @param  OnTheRod|null  $inHand  what is on the rod in hand; null while nothing is
     */
    public function __construct(
        public ?int $rodInHand,
        public array $setups,
        public array $bites,
        public array $pauses,
        public ?int $outing,
        public string $place,
        public ?int $spot,
        public ?OnTheRod $inHand,
    ) {
    }

    /** Where one fishes, or would: as it is called. */
    public function placeOr(?CurrentSpot $here): string
    {
        return $this->outing !== null ? $this->place : $here->place ?? 'Today';
    }

    /** With another outing in view, and what is on the rod in hand there. */
    public function in(int $outing, string $place, ?int $spot, ?OnTheRod $inHand): self
    {
        return new self(
            rodInHand: $this->rodInHand, setups: $this->setups, bites: $this->bites, pauses: $this->pauses, outing: $outing,
            place: $place, spot: $spot, inHand: $inHand,
        );
    }
}
