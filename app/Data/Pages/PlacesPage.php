<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Places\EdgeData;
use App\Data\Places\GroundData;
use App\Data\Places\LookPlaceData;
use App\Data\Places\PlacedMarkData;
use App\Data\Places\PlacedSpotData;
use App\Data\Places\RecordingData;
use App\Data\Places\SectionData;
use App\Data\Places\SurveyData;
use App\Data\Places\TodayData;
use App\Data\Places\WaterOptionData;
use App\Data\Places\WaterSheetData;
use App\Data\Places\WindData;
use Eskith\Telling\Data\OptionData;

final readonly class PlacesPage extends Page
{
    /**
     * @param  list<WaterOptionData>  $waters
     * @param  list<PlacedSpotData>  $spots
     * @param  list<PlacedMarkData>  $marks
     * @param  list<EdgeData>  $edges
     * @param  list<LookPlaceData>  $looks
     * @param  list<SurveyData>  $surveys
     * @param  list<OptionData>  $kinds  of waters
     * @param  list<OptionData>  $markKinds
     * @param  list<OptionData>  $edgeKinds
     * @param  list<OptionData>  $bottoms
     * @param  list<OptionData>  $tides
     * @param  string|null  $outing  the one under way
     */
    public function __construct(
        public string $headline,
        public string $under,
        public array $waters,
        public ?WaterSheetData $water,
        public ?GroundData $ground,
        public array $spots,
        public array $marks,
        public array $edges,
        public array $looks,
        public string $shore,
        public array $surveys,
        public ?RecordingData $recording,
        public ?WindData $wind,
        public ?TodayData $today,
        public ?SectionData $section,
        public ?string $trouble,
        public string $unit,
        public float $unitM,
        public array $kinds,
        public array $markKinds,
        public array $edgeKinds,
        public array $bottoms,
        public array $tides,
        public ?string $outing,
    ) {
    }
}
