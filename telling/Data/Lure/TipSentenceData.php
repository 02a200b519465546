<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** What would change a choice, and the reading to type to see it: "0.37 mph". */
final readonly class TipSentenceData
{
    public function __construct(
        public string $words,
        public string $try,
    ) {
    }
}
