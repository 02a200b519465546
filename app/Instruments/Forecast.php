<?php

declare(strict_types=1);

namespace App\Instruments;

use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\WindFrom;

/** The weather that is said to come, at a moment. m/s, °C; null where nothing is said of it. */
final readonly class Forecast
{
    /** @param  string  $source  who says so; '' where it is made up */
    public function __construct(
        public ?float $windMs,
        public ?float $gustMs,
        public ?WindFrom $from,
        public ?Cloud $cloud,
        public ?float $airC,
        public string $source = '',
    ) {
    }
}
