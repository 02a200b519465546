<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Tackle\HistoryData;
use Eskith\Telling\Data\Fish\RodOnBoardData;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\OptionData;
use Eskith\Telling\Data\Rig\RigData;
use Eskith\Telling\Data\Rig\RodData;
use Eskith\Telling\Data\Water\LineData;

/** The rod at hand from reel to hook, checked with the lure that is chosen. */
final readonly class RigPage extends Page
{
    /**
     * @param  list<LineData>  $lines
     * @param  list<OptionData>  $materials
     * @param  list<OptionData>  $connectors
     * @param  list<RodOnBoardData>  $rods
     * @param  list<OptionData>  $ashore  rods left there, by uuid
     * @param  list<HistoryData>  $tyings  of the leader in hand, newest first
     */
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public RodData $rod,
        public ?RigData $rig,
        public array $lines,
        public array $materials,
        public array $connectors,
        public array $rods,
        public array $ashore,
        public array $tyings,
    ) {
    }
}
