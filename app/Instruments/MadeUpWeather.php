<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Models\Spot;
use App\Rows\Placing;
use Closure;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Measure;
use Eskith\Core\Units\Unit;
use Eskith\Telling\Kept\Coerce;
use Illuminate\Support\Carbon;

/**
 * Weather that stands among the readings of a real water and was made up: the stand-in used to speak of every water, and what
 * it said could be taken as read. It says the same of a place and a moment every time, so what came from it is known again.
 */
final class MadeUpWeather
{
    /** h before a reading was kept in which the forecast can have been looked at. */
    private const BEFORE_H = 24;

    /** A gust is about this many winds. */
    private const GUSTS = [1.3, 1.6];

    /** m/s that rounding takes from a gust: half of the coarsest unit. */
    private const ROUNDED_MS = 0.6;

    /** Figures, by reading, with a unit of their kind. */
    private const FIGURES = [
        Reading::Wind->value => Unit::MetrePerSecond, Reading::Gust->value => Unit::MetrePerSecond,
        Reading::AirTemperature->value => Unit::Celsius,
    ];

    /**
     * Which of these readings the stand-in made up: all three figures as it said them at one minute, with its wind's direction
     * or its sky.
     *
     * @param  array<array-key, mixed>  $texts  as they were kept, by name
     * @param  Closure(): (Spot|null)  $spot  where they were read; asked for only where it matters
     * @param  Carbon  $until  when they were kept
     * @return list<string> names
     */
    public static function among(array $texts, Closure $spot, Carbon $until): array
    {
        $figures = self::figures($texts);
        if ($figures === null) {
            return [];
        }
        // Wind and gusts in its proportion: this spares nearly everything the search.
        [$wind, $gust] = [$figures[Reading::Wind->value]->si, $figures[Reading::Gust->value]->si];
        $water = $gust < self::GUSTS[0] * $wind - self::ROUNDED_MS || $gust > self::GUSTS[1] * $wind + self::ROUNDED_MS
            ? null : $spot()?->water;
        $frame = $water === null || $water->isMadeUp() ? null : Placing::frame($water);
        $most = [];
        for ($minute = 0; $frame !== null && $minute <= 60 * self::BEFORE_H; $minute++) {
            $made = SimulatedForecasts::made($frame, $until->copy()->subMinutes($minute));
            $words = array_keys(array_filter([
                Reading::WindFrom->value => ($texts[Reading::WindFrom->value] ?? null) === $made->from?->value,
                Reading::Cloud->value => ($texts[Reading::Cloud->value] ?? null) === $made->cloud?->value,
            ]));
            if (count($words) > count($most) && self::isSaid($figures, $made)) {
                $most = $words;
            }
            // The minute beside may have the same figures and another direction or sky.
            if (count($most) === 2) {
                break;
            }
        }

        return $most === [] ? [] : [...array_keys(self::FIGURES), ...$most];
    }

    /** @param  array<string, Measure>  $figures */
    private static function isSaid(array $figures, Forecast $made): bool
    {
        $said = [
            Reading::Wind->value => $made->windMs, Reading::Gust->value => $made->gustMs, Reading::AirTemperature->value => $made->airC,
        ];
        foreach ($figures as $name => $read) {
            if ($read->unit->print($read->si) !== $read->unit->print((float) $said[$name])) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  array<array-key, mixed>  $texts
     * @return array<string, Measure>|null null where one is not there
     */
    private static function figures(array $texts): ?array
    {
        try {
            return array_combine(array_keys(self::FIGURES), array_map(
                static fn (string $name, Unit $unit): Measure => Measure::parse(Coerce::text($texts[$name] ?? ''), $unit),
                array_keys(self::FIGURES), self::FIGURES,
            ));
        } catch (InvalidInput) {
            return null;
        }
    }
}
