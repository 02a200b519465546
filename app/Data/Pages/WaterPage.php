<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Places\TodayData;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\Water\LineData;
use Eskith\Telling\Data\Water\MeasurementData;
use Eskith\Telling\Data\Water\PlaceData;

final readonly class WaterPage extends Page
{
    /**
     * @param  list<PlaceData>  $places
     * @param  list<LineData>  $lines
     * @param  list<MeasurementData>  $measurements
     */
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public string $view,
        public array $places,
        public ?int $spotId,
        public array $lines,
        public array $measurements,
        public ?TodayData $today,
        public ?int $waterId,
    ) {
    }
}
