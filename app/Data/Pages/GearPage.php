<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Tackle\DueData;
use App\Data\Tackle\GearData;
use App\Data\Tackle\HistoryData;
use App\Data\Tackle\NotesData;

final readonly class GearPage extends Page
{
    /**
     * @param  list<DueData>  $due
     * @param  list<GearData>  $gear
     * @param  list<HistoryData>  $history
     * @param  list<NotesData>  $waters
     * @param  list<string>  $kinds
     */
    public function __construct(
        public array $due,
        public array $gear,
        public array $history,
        public array $waters,
        public array $kinds,
    ) {
    }
}
