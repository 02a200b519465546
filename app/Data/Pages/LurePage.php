<?php

declare(strict_types=1);

namespace App\Data\Pages;

use Eskith\Telling\Data\Fish\TiedData;
use Eskith\Telling\Data\Lure\AnswerData;

final readonly class LurePage extends Page
{
    /** @param  string|null  $outing  the one under way; null between outings */
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public ?TiedData $tied,
        public ?string $outing,
        public bool $severalRods,
    ) {
    }
}
