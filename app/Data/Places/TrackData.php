<?php

declare(strict_types=1);

namespace App\Data\Places;

/** Where the boat went: lines of m east and north, one after the other. */
final readonly class TrackData
{
    /**
     * @param  list<list<float>>  $drifts  that it was fished from
     * @param  list<list<float>>  $runs  from one to the next
     * @param  list<TrackSignData>  $signs  drops and bites along it
     */
    public function __construct(
        public array $drifts,
        public array $runs,
        public array $signs,
    ) {
    }
}
