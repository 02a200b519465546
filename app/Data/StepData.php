<?php

declare(strict_types=1);

namespace App\Data;

/** A step of the ladder: one thing changed, after so many minutes without a touch on the step before, or at once. */
final readonly class StepData
{
    public function __construct(
        public string $key,
        public string $words,
        public int $minutes,
        public bool $atOnce,
        public string $title,
        public string $subtitle,
    ) {
    }
}
