<?php

declare(strict_types=1);

namespace App\Data\Pages;

use App\Data\Lure\AnswerData;

/** A station that is not built yet. */
final readonly class LaterPage extends Page
{
    public function __construct(
        public AnswerData $answer,
        public ?string $trouble,
        public string $title,
        public string $will,
    ) {
    }
}
