<?php

declare(strict_types=1);

namespace App\Data\Places;

use App\Data\Tackle\NotesData;

/** A water with what is set of it. */
final readonly class WaterSheetData
{
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public string $salt,
        public string $latitude,
        public string $longitude,
        public string $level,
        public string $flood,
        public string $fastest,
        public bool $tidal,
        public string $tideFrom,
        public string $tideMean,
        public string $tideEpoch,
        public string $tideWaves,
        public string $words,
        public string $looked,
        public string $hangs,
        public ?string $code,
        public NotesData $notes,
    ) {
    }
}
