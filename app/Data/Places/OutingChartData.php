<?php

declare(strict_types=1);

namespace App\Data\Places;

/** An outing from above: where the boat went, on what is known of the water. */
final readonly class OutingChartData
{
    /**
     * @param  string  $words  in a sentence
     * @param  list<string>  $covered  how much of each line was fished, and what bit there
     * @param  string  $name  of the water
     * @param  list<PlacedSpotData>  $spots
     * @param  list<PlacedMarkData>  $marks  of this outing
     * @param  list<EdgeData>  $edges
     */
    public function __construct(
        public string $words,
        public array $covered,
        public string $name,
        public TrackData $track,
        public ?GroundData $ground,
        public array $spots,
        public array $marks,
        public array $edges,
        public string $unit,
        public float $unitM,
    ) {
    }
}
