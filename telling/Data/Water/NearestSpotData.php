<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** A spot of the angler's own that a phone is at, and that the day is not read at. */
final readonly class NearestSpotData
{
    /**
     * @param  int|null  $spot  its id; null where there is none to propose
     * @param  string  $place  spot and water, as it is called
     * @param  string  $name  the spot alone
     * @param  string  $away  how far it is
     */
    public function __construct(
        public ?int $spot,
        public string $place,
        public string $depth,
        public string $name,
        public string $away,
    ) {
    }
}
