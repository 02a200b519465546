<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Eskith\Telling\Data\Work\CadenceData;
use Eskith\Telling\Data\Work\FallSchoolData;

final readonly class CadencesPage extends Page
{
    /**
     * @param  list<CadenceData>  $cadences
     * @param  list<FallSchoolData>  $falls
     * @param  string  $timed  what the times of the falls are of
     */
    public function __construct(
        public array $cadences,
        public array $falls,
        public string $timed,
    ) {
    }
}
