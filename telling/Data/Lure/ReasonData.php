<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** A rule that spoke. */
final readonly class ReasonData
{
    public function __construct(
        public string $rule,
        public float $points,
        public string $pointsText,
        public string $text,
    ) {
    }
}
