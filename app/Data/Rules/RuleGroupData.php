<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** Rules about one thing. */
final readonly class RuleGroupData
{
    /** @param  list<RuleData>  $rules */
    public function __construct(
        public string $title,
        public array $rules,
    ) {
    }
}
