<?php

declare(strict_types=1);

namespace App\Data;

/** Everything a change of a reading can change. */
final readonly class AnswerData
{
    /**
     * @param  array<string, ReadingData>  $readings  by name
     * @param  list<string>  $signs  what level, weed, bait and birds say
     * @param  list<string>  $warnings
     * @param  list<RackData>  $rack
     * @param  list<PickData>  $picks  best way of each lure, best first
     */
    public function __construct(
        public array $readings,
        public string $query,
        public bool $fromLink,
        public string $headline,
        public string $lead,
        public array $warnings,
        public array $signs,
        public ?string $wanted,
        public int $boxCount,
        public array $picks,
        public ?PickData $chosen,
        public ColumnData $column,
        public array $rack,
        public ?FeedData $feed,
    ) {
    }
}
