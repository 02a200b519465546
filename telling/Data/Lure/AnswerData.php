<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\AsideData;
use Eskith\Telling\Data\CautionData;
use Eskith\Telling\Data\Picture\ColumnData;
use Eskith\Telling\Data\Water\FeedData;
use Eskith\Telling\Data\Water\ReadingData;

/** Everything a change of a reading can change. */
final readonly class AnswerData
{
    /**
     * @param  array<string, ReadingData>  $readings  by name
     * @param  list<string>  $signs  what level, weed, bait and birds say
     * @param  list<CautionData>  $cautions
     * @param  list<AsideData>  $aside  what is kept and cannot be used
     * @param  list<RackData>  $rack
     * @param  list<ListedPickData>  $picks  best way of each lure, best first; the pinned one is among them
     * @param  list<string>  $families  what the list can be narrowed to; none when there is but one
     */
    public function __construct(
        public array $readings,
        public string $query,
        public bool $fromLink,
        public string $headline,
        public string $lead,
        public array $cautions,
        public array $aside,
        public array $signs,
        public ?string $wanted,
        /** When it is time to leave the spot, in a sentence. */
        public ?string $move,
        /** Whether an angle read at the rod would tell what is missing. */
        public bool $angleHelps,
        public int $boxCount,
        public array $picks,
        /** The way asked for; the first of the list when none was, or it is not fished so today. */
        public ?PickData $chosen,
        public ColumnData $column,
        public array $rack,
        public ?FeedData $feed,
        public array $families,
        public ?string $family,
        public ?int $pinned,
    ) {
    }
}
