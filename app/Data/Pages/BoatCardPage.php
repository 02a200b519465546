<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Lure\AnswerData;

final readonly class BoatCardPage extends Page
{
    public function __construct(
        public AnswerData $answer,
        public ?string $pick,
    ) {
    }
}
