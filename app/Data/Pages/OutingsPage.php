<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Eskith\Telling\Data\Fish\OutingRowData;
use Eskith\Telling\Data\OptionData;

/** All outings, newest first. */
final readonly class OutingsPage extends Page
{
    /**
     * @param  list<OutingRowData>  $outings
     * @param  list<int>  $years  in which there are some
     * @param  OptionData|null  $takenAway  one that can be brought back
     */
    public function __construct(
        public array $outings,
        public array $years,
        public ?OptionData $takenAway,
    ) {
    }
}
