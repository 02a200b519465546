<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** One hole on the bench: how it hangs, how it sinks, what each school uses it for. */
final readonly class RoleData
{
    public function __construct(
        public string $hole,
        public float $hangDeg,
        public string $hangText,
        public string $sinkText,
        public string $secondsText,
        public string $middleFirst,
        public string $levelLift,
        public ?string $reading,
    ) {
    }
}
