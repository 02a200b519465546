<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Plans\PlanData;
use App\Data\Plans\PlanKindData;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\Work\TouchedData;
use Eskith\Telling\Data\Work\WorkData;

/** The cadence kept, practised and laid out. */
final readonly class WorkPage extends Page
{
    /**
     * @param  string|null  $refused  why there is no time for it, in a sentence
     * @param  list<PlanData>  $plans  newest first
     * @param  list<PlanKindData>  $kinds
     * @param  list<TouchedData>  $touched  today, newest first
     * @param  string|null  $outing  uuid of the one under way
     * @param  string|null  $rod  uuid of the one in hand
     */
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public ?WorkData $work,
        public ?string $refused,
        public array $plans,
        public array $kinds,
        public array $touched,
        public ?string $outing,
        public ?string $rod,
    ) {
    }
}
