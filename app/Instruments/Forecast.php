<?php

declare(strict_types=1);

namespace App\Instruments;

use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\WindFrom;

/** The weather that is said to come, at a moment. m/s, °C. */
final readonly class Forecast
{
    public function __construct(public float $windMs, public float $gustMs, public WindFrom $from, public Cloud $cloud, public float $airC)
    {
    }
}
