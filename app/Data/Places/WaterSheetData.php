<?php

declare(strict_types=1);

namespace App\Data\Places;

use App\Data\Tackle\NotesData;

/** A water with what is set of it. */
final readonly class WaterSheetData
{
    /**
     * @param  string|null  $forecastAt  when its forecast came; null where none is set
     * @param  bool  $asksAddresses  whether this server asks any host for forecasts
     */
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
        public ?string $forecastAt,
        public string $forecastAddress,
        public bool $asksAddresses,
    ) {
    }
}
