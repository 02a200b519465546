<?php

declare(strict_types=1);

namespace App\Data\Places;

/**
 * The ground of a water as it is drawn: depths as it stands now, in whole cm, at the crossings of a square grid, row by row
 * from the south-west.
 */
final readonly class GroundData
{
    /**
     * @param  list<int|null>  $depths
     * @param  list<list<float>>  $known  round what was sounded: m east and north, one after the other
     * @param  list<DepthLineData>  $lines
     */
    public function __construct(
        public float $west,
        public float $south,
        public float $stepM,
        public int $columns,
        public int $rows,
        public array $depths,
        public float $shallowM,
        public float $deepM,
        public array $known,
        public array $lines,
    ) {
    }
}
