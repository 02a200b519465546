<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** What one setup of an outing did. */
final readonly class SetupResult
{
    /**
     * @param  array<string, string>  $levels  by factor; one that is not known is absent
     * @param  float  $hours  really fished
     * @param  int  $hooked  of the touches; landed of these
     */
    public function __construct(
        public string $outing,
        public array $levels,
        public float $hours,
        public int $touches,
        public int $hooked,
        public int $landed,
        public int $drops = 0,
        public int $fouls = 0,
        /** Fish that were seen coming after the lure, and those of them that turned away. */
        public int $seen = 0,
        public int $refused = 0,
    ) {
    }
}
