<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Fish\OutingData;
use App\Data\Lure\AnswerData;
use App\Data\Plans\PlanData;

final readonly class FishPage extends Page
{
    public function __construct(
        public ?OutingData $outing,
        public AnswerData $answer,
        public ?PlanData $plan = null,
    ) {
    }
}
