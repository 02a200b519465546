<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Eskith\Telling\Data\Fish\TiedData;
use Eskith\Telling\Data\Lure\AnswerData;

final readonly class LurePage extends Page
{
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public ?TiedData $tied,
        public bool $severalRods,
    ) {
    }
}
