<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Fish\OutingData;
use App\Data\Fish\SpotChoiceData;
use App\Data\Fish\TieableData;
use App\Data\Lure\AnswerData;
use App\Data\OptionData;
use App\Data\Places\TodayData;
use App\Data\Plans\PlanData;

/** The Fish station; without an outing under way, the last one that can be gone on with. */
final readonly class FishPage extends Page
{
    /**
     * @param  list<TieableData>  $box  what is at hand to tie on, best first
     * @param  list<SpotChoiceData>  $spots  where one can move to
     * @param  OptionData|null  $takenAway  an outing that can be brought back
     */
    public function __construct(
        public ?OutingData $outing,
        public AnswerData $answer,
        public ?PlanData $plan = null,
        public ?OptionData $reopen = null,
        public array $box = [],
        public array $spots = [],
        public ?OptionData $takenAway = null,
        public ?TodayData $today = null,
    ) {
    }
}
