<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Water;
use Illuminate\Support\Carbon;

/** Whoever says what weather comes. */
interface Forecasts
{
    /** Null where nobody says anything of that water. */
    public function at(Water $water, Carbon $moment): ?Forecast;
}
