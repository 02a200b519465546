<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** The weather that is said to come, at an hour. m/s, °C; null where nothing is said of it. */
final readonly class ForecastHour
{
    /** @param  int  $at  s since the epoch */
    public function __construct(
        public int $at,
        public ?float $windMs = null,
        public ?float $gustMs = null,
        public ?WindFrom $from = null,
        public ?Cloud $cloud = null,
        public ?float $airC = null,
    ) {
    }
}
