<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\LookBack\DisputeData;
use App\Data\LookBack\OutingBitesData;
use App\Data\LookBack\PairData;
use App\Data\LookBack\RatesData;
use App\Data\LookBack\RecordFindingData;
use App\Data\LookBack\StagesData;
use Eskith\Telling\Data\LookBack\RepeatData;
use Eskith\Telling\Data\OptionData;

/** What worked, said honestly. */
final readonly class LookBackPage extends Page
{
    /**
     * @param  list<RecordFindingData>  $findings
     * @param  list<PairData>  $pairs  within the same outings
     * @param  list<OutingBitesData>  $outings  oldest first
     * @param  list<DisputeData>  $schools
     * @param  array<string, list<OptionData>>  $filters  by name, what can be chosen
     * @param  array<string, string>  $chosen  of these
     * @param  list<OptionData>  $factors  of which rates can be shown
     * @param  string  $compared  how many comparisons were looked at
     */
    public function __construct(
        public string $headline,
        public string $under,
        public array $findings,
        public RatesData $rates,
        public StagesData $stages,
        public array $pairs,
        public array $outings,
        public array $schools,
        public array $filters,
        public array $chosen,
        public array $factors,
        public string $compared,
        public ?RepeatData $repeat,
        public string $depthUnit,
        public float $depthPerM,
    ) {
    }
}
