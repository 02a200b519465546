<?php

declare(strict_types=1);

namespace App\Data\Places;

/** Where the boat has gone on a water in the outing under way. */
final readonly class TodaysTrackData
{
    /**
     * @param  TrackData|null  $track  null where no phone told that
     * @param  list<string>  $covered  how much of each line was fished, and what bit there
     */
    public function __construct(
        public ?TrackData $track,
        public array $covered,
    ) {
    }
}
