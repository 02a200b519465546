<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Water;
use Illuminate\Support\Carbon;

/** Whoever says what weather comes, and how the tide of a water goes. */
interface Forecasts
{
    /** Null where nobody says anything of that water. */
    public function at(Water $water, Carbon $moment): ?Forecast;

    /**
     * As a water keeps its tide; null where nobody knows one.
     *
     * @return array{mean_m: float, epoch: string,
     *   constituents: list<array{amplitude_m: float, speed_deg_h: float, phase_deg: float}>}|null
     */
    public function tide(Water $water): ?array;
}
