<?php

declare(strict_types=1);

namespace App\Data\Places;

/** Where the boat is on a water, what is being recorded, and the way back onto a mark. */
final readonly class BoatData
{
    public function __construct(
        public ?float $x,
        public ?float $y,
        /** m within which a phone knows where it is; null where instruments say it, or nobody does. */
        public ?float $withinM,
        /** What a phone said, in words; '' without one. */
        public string $phone,
        public ?RecordingData $recording,
        public ?BackOnData $back,
    ) {
    }
}
