<?php

declare(strict_types=1);

namespace App\Data\Rules;

/** A rule of the book as the angler has it. */
final readonly class RuleData
{
    /**
     * @param  float  $most  points it can move as set; 0 is switched off
     * @param  float  $usual  points it can move as it comes
     * @param  string  $today  what it does today: for which lures it speaks, or which reading it waits for
     * @param  CustomRuleData|null  $own  for a rule of the angler's own
     */
    public function __construct(
        public string $id,
        public string $says,
        public float $weight,
        public float $most,
        public float $usual,
        public string $per,
        public string $today,
        public ?CustomRuleData $own,
    ) {
    }
}
