<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Places\OutingChartData;
use Eskith\Telling\Data\AsideData;
use Eskith\Telling\Data\Fish\EventData;
use Eskith\Telling\Data\Fish\OutingRowData;
use Eskith\Telling\Data\Fish\PadData;
use Eskith\Telling\Data\Fish\SetupRowData;
use Eskith\Telling\Data\OptionData;

/** One outing, whole. */
final readonly class OutingPage extends Page
{
    /**
     * @param  list<SetupRowData>  $setups
     * @param  list<EventData>  $events  newest first
     * @param  list<OptionData>  $joinable  outings that can have been the same one
     * @param  list<OptionData>  $rods  that fished in it
     * @param  list<PadData>  $pads
     * @param  list<AsideData>  $aside  readings of it that nobody read
     * @param  OutingChartData|null  $chart  null where no phone told where the boat went
     * @param  string|null  $endedAt  null while it is under way
     */
    public function __construct(
        public OutingRowData $outing,
        public array $setups,
        public array $events,
        public array $joinable,
        public array $rods,
        public array $pads,
        public ?string $endedAt,
        public string $sought,
        public array $aside,
        public ?OutingChartData $chart,
    ) {
    }
}
