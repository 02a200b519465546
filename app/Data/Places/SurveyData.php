<?php

declare(strict_types=1);

namespace App\Data\Places;

/** Soundings that came in together. */
final readonly class SurveyData
{
    public function __construct(
        public string $uuid,
        public string $name,
        public string $words,
        public string $fromAt,
    ) {
    }
}
