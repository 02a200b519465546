<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

use Eskith\Telling\Data\Fish\TyingData;

/** A step of the ladder: one thing changed, after so many minutes without a bite on the step before. */
final readonly class StepData
{
    public function __construct(
        public string $key,
        public string $words,
        public int $minutes,
        /** A patience of hours: nothing in the box is worth the change. */
        public bool $hardly,
        public string $title,
        public string $subtitle,
        public TyingData $tying,
    ) {
    }
}
