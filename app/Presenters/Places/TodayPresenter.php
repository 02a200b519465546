<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\SpanData;
use App\Data\Places\TodayData;
use App\Data\Places\TurnData;
use App\Instruments\Forecasts;
use App\Models\Spot;
use App\Models\Water;
use App\Rows\Placing;
use App\Rows\TideAndLight;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Water\Cloud;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\LightSpan;
use Eskith\Core\Water\SunDay;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideRun;
use Eskith\Core\Water\TideTurn;
use Eskith\Core\Words\Words;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** Light and tide of a day at a place: a strip of it, and what is worth most of it. */
final readonly class TodayPresenter
{
    /** Heights of a day's tide. */
    private const HEIGHTS = 48;

    public function __construct(private Forecasts $forecasts)
    {
    }

    /** Null for a water of which nobody knows where it lies. */
    public function of(ReadingBook $book, Water $water, ?Spot $spot, Carbon $now): ?TodayData
    {
        $sky = $spot === null ? TideAndLight::overWater($water) : TideAndLight::over($spot);
        $midnight = $sky->midnight($now);
        if ($midnight === null) {
            return null;
        }
        $from = $midnight->copy()->subMinutes((int) $sky->offsetMin());
        $say = new UnitFormat($book->settings->units);
        $read = Cloud::tryFrom((string) $book->text('cloud'));
        $light = $sky->light($now, $read ?? Cloud::Broken);
        $run = self::run($sky, $water);
        $minute = $from->diffInSeconds($now) / 60;
        [$said, $proposes] = $this->said($water, $now, $say);

        return new TodayData(
            from: $from->toIso8601String(), to: $from->copy()->addDay()->toIso8601String(),
            sunrise: $sky->sun($now, static fn (SunDay $day): ?float => $day->sunrise)?->toIso8601String(),
            sunset: $sky->sunset($now)?->toIso8601String(),
            light: array_map(static fn (LightSpan $span): SpanData => self::span(
                $from, $span->fromMin, $span->toMin, $span->light->value ?? ''
            ), $light->spans ?? []),
            tide: self::heights($sky, $from), turns: self::turns($sky, $from, $say),
            runs: $run === null ? '' : self::runs($run[0], TideAndLight::hours($run[1], $now), $spot, $say),
            worth: self::worth($light->spans ?? [], $run, $from),
            sky: $read?->word() ?? 'cloud not read, broken taken', lightNow: $light?->at($minute)?->value,
            forecast: $said, proposes: $proposes,
        );
    }

    /** @return array{TideRun, Carbon, Tide}|null with the moment that its hours are counted from */
    private static function run(TideAndLight $sky, Water $water): ?array
    {
        $tide = $sky->tide();

        return $tide === null ? null : [new TideRun($tide[0], $water->fastest_ms, $water->flood_deg), $tide[1], $tide[0]];
    }

    /**
     * What is worth most: dim light, and the tide while it runs; both at once where there are both.
     *
     * @param  list<LightSpan>  $light
     * @param  array{TideRun, Carbon, Tide}|null  $run
     * @return list<SpanData>
     */
    private static function worth(array $light, ?array $run, Carbon $from): array
    {
        $worth = [];
        foreach ($light as $span) {
            if ($span->light === Light::Dim) {
                $worth[] = self::span($from, $span->fromMin, $span->toMin, 'dim');
            }
        }
        if ($run !== null) {
            $start = TideAndLight::hours($run[1], $from);
            foreach ($run[0]->spans($start, $start + 24.0) as [$begins, $ends, $flood]) {
                $worth[] = self::span($from, 60 * ($begins - $start), 60 * ($ends - $start), $flood ? 'flood runs' : 'ebb runs');
            }
        }

        return $worth;
    }

    private static function runs(TideRun $run, float $hours, ?Spot $spot, UnitFormat $say): string
    {
        $share = $run->share($hours);
        if (abs($share) < TideRun::STANDS) {
            return 'The water stands';
        }
        $current = $run->currentMs($hours);
        $away = $run->runsAway($hours, $spot?->facing_deg);

        return ($share > 0 ? 'The flood runs' : 'The ebb runs').($current === null ? '' : ' '.$say->speed(abs($current)))
            .match ($away) {
                true => ', away from you: drop at your feet and feed line',
                false => ', toward you: cast beyond and let it sink back',
                null => '',
            };
    }

    /** @return list<float> */
    private static function heights(TideAndLight $sky, Carbon $from): array
    {
        $tide = $sky->tide();
        if ($tide === null) {
            return [];
        }
        $start = TideAndLight::hours($tide[1], $from);

        return array_map(
            static fn (int $i): float => round($tide[0]->heightM($start + 24.0 * $i / self::HEIGHTS), 3), range(0, self::HEIGHTS)
        );
    }

    /** @return list<TurnData> */
    private static function turns(TideAndLight $sky, Carbon $from, UnitFormat $say): array
    {
        $tide = $sky->tide();
        if ($tide === null) {
            return [];
        }
        $start = TideAndLight::hours($tide[1], $from);

        return array_map(static fn (TideTurn $turn): TurnData => new TurnData(
            $from->copy()->addSeconds((int) round(3600 * ($turn->atH - $start)))->toIso8601String(), $turn->high ? 'high' : 'low',
            $say->depth($turn->heightM),
        ), $tide[0]->turns($start, $start + 24.0));
    }

    /** @return array{string, array<string, string>} what is said, and the readings it has as they would be typed */
    private function said(Water $water, Carbon $now, UnitFormat $say): array
    {
        $forecast = Placing::frame($water) === null ? null : $this->forecasts->at($water, $now);
        if ($forecast === null) {
            return ['', []];
        }
        $wind = $forecast->windMs === null ? null : $say->speed($forecast->windMs);
        $air = $forecast->airC === null ? null : $say->temperature($forecast->airC);
        $told = array_filter([
            $wind === null ? null : $wind.($forecast->from === null ? '' : " from the {$forecast->from->word()}"),
            $forecast->cloud?->word(), $air === null ? null : Words::of('air {air}', air: $air),
        ]);

        return [
            ($forecast->source === '' ? 'Made-up forecast' : ucfirst($forecast->source)).': '.implode(', ', $told),
            array_filter([
                'wind' => $wind, 'gust' => $forecast->gustMs === null ? null : $say->speed($forecast->gustMs),
                'wind_from' => $forecast->from?->value, 'cloud' => $forecast->cloud?->value, 'air' => $air,
            ], is_string(...)),
        ];
    }

    private static function span(Carbon $from, float $begins, float $ends, string $what): SpanData
    {
        $at = static fn (float $minutes): string => $from->copy()->addSeconds((int) round(60 * $minutes))->toIso8601String();

        return new SpanData($at($begins), $at($ends), $what);
    }
}
