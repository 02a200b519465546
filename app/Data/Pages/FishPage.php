<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Places\TodayData;
use App\Data\Plans\PlanData;
use Eskith\Telling\Data\Fish\OutingData;
use Eskith\Telling\Data\Fish\SpotChoiceData;
use Eskith\Telling\Data\Fish\TieableData;
use Eskith\Telling\Data\Lure\WayShownData;
use Eskith\Telling\Data\OptionData;

/** The Fish station; without an outing under way, the last one that can be gone on with. */
final readonly class FishPage extends Page
{
    /**
     * @param  OutingData|null  $blank  as one would begin now; null while one is under way
     * @param  list<TieableData>  $box  what is at hand to tie on, best first
     * @param  list<SpotChoiceData>  $spots  where one can move to
     * @param  OptionData|null  $takenAway  an outing that can be brought back
     */
    public function __construct(
        public ?OutingData $outing,
        public WayShownData $answer,
        public ?PlanData $plan = null,
        public ?OptionData $reopen = null,
        public array $box = [],
        public array $spots = [],
        public ?OptionData $takenAway = null,
        public ?TodayData $today = null,
        public ?OutingData $blank = null,
    ) {
    }
}
