<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Water;
use App\Rows\Placing;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\WindFrom;
use Illuminate\Support\Carbon;

/**
 * A stand-in for a weather and tide service: made up from the hour and the place, the same every time, and told as made up.
 * It speaks of the demo's waters alone; of a real one it says nothing.
 */
final class SimulatedForecasts implements Forecasts
{
    public function tide(Water $water): ?array
    {
        if (! $water->isMadeUp()) {
            return null;
        }
        $frame = Placing::frame($water);

        return SimulatedTides::of($water->name) ?? ($frame === null ? null : SimulatedTides::at($frame->latitude, $frame->longitude));
    }

    public function at(Water $water, Carbon $moment): ?Forecast
    {
        $frame = Placing::frame($water);

        return $frame === null || ! $water->isMadeUp() ? null : self::made($frame, $moment);
    }

    /** What it makes up for a place and a moment, whoever's the water is. */
    public static function made(Frame $frame, Carbon $moment): Forecast
    {
        $hours = $moment->getTimestamp() / 3600;
        $front = sin($hours / 31 + $frame->longitude) + 0.6 * sin($hours / 13.7 + $frame->latitude);
        $day = cos(($hours + $frame->longitude / 15 - 14) * M_PI / 12);
        $season = cos(($moment->dayOfYear - 205) * 2 * M_PI / 365);
        $wind = max(0.4, 4.2 + 2.1 * $front + 0.9 * $day);

        return new Forecast(
            windMs: round($wind, 1), gustMs: round(1.45 * $wind, 1),
            from: WindFrom::near(fmod(250 + 70 * $front + 25 * sin($hours / 9) + 720, 360)),
            cloud: $front > 0.6 ? Cloud::Overcast : ($front > -0.5 ? Cloud::Broken : Cloud::Clear),
            airC: round(7 + 9 * $season * ($frame->latitude < 0 ? -1 : 1) + 2.5 * $day - 1.5 * $front, 1),
        );
    }
}
