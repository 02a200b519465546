<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** A rule of the angler's own, as typed. */
final readonly class CustomRuleData
{
    /**
     * @param  list<ConditionData>  $when
     * @param  list<string>  $families
     * @param  list<string>  $finishes
     * @param  string  $asks  when it speaks and for which lures, in words
     */
    public function __construct(
        public string $name,
        public float $points,
        public array $when,
        public array $families,
        public array $finishes,
        public string $from,
        public string $to,
        public string $asks,
    ) {
    }
}
