<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** A reading an own rule asks for: a measure from and to, or any of some choices. */
final readonly class ConditionData
{
    /** @param  list<string>  $any */
    public function __construct(
        public string $reading,
        public string $from,
        public string $to,
        public array $any,
    ) {
    }
}
