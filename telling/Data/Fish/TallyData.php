<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What a rod did today, so that what is tapped can be counted on without the server. */
final readonly class TallyData
{
    /**
     * @param  int  $dropsBefore  drops since a bite, of before the events that are listed
     * @param  string|null  $touchBefore  the last touch of before them
     * @param  string|null  $tiedAt  since when what is on it has been on
     */
    public function __construct(
        public int $drops,
        public int $touches,
        public int $landed,
        public int $dropsBefore,
        public ?string $touchBefore,
        public ?string $tiedAt,
    ) {
    }
}
