<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** What learning takes from one setup of a past outing. */
final readonly class LearningSample
{
    /**
     * @param  array<string, string>  $levels  by factor; a lure without holes has no level of that
     * @param  float  $points  the rules gave it then, less those of that day's first
     * @param  float  $weight  1 when its water was as warm as today, ½ in a neighbouring band
     */
    public function __construct(
        public string $outing,
        public array $levels,
        public float $points,
        public float $hours,
        public float $touches,
        public float $weight,
    ) {
    }
}
