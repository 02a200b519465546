<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\WaterSheetData;
use App\Models\Survey;
use App\Models\User;
use App\Models\Water;
use App\Places\WaterChart;
use App\Presenters\Tackle\NotesPresenter;
use App\Record\OutingHours;
use App\Rows\TideAndLight;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\TideFrom;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Readings\ReadingBook;
use Illuminate\Support\Carbon;

/** A water with what is set of it, and what hangs on it. */
final class WaterPresenter
{
    public static function of(User $user, Water $water, ?WaterChart $charted, UnitFormat $say): WaterSheetData
    {
        $tide = $water->tide ?? [];

        return new WaterSheetData(
            id: $water->id, name: $water->name, kind: $water->kind, salt: ReadingBook::salt($water->salinity),
            latitude: $water->latitude === null ? '' : (string) round($water->latitude, 6),
            longitude: $water->longitude === null ? '' : (string) round($water->longitude, 6), level: $water->level_text ?? '',
            flood: $water->flood_deg === null ? '' : round($water->flood_deg).'°', fastest: $water->fastest_text ?? '',
            tidal: TideAndLight::overWater($water)->tide() !== null,
            tideFrom: $tide === []
                ? TideFrom::None->value
                : (TideFrom::tryFrom(Coerce::text($tide['from'] ?? '')) ?? TideFrom::MadeUp)->value,
            tideMean: Coerce::text($tide['mean'] ?? ''), tideEpoch: substr(Coerce::text($tide['epoch'] ?? ''), 0, 10),
            tideWaves: Coerce::text($tide['waves'] ?? ''), words: self::words($water, $charted, $say), looked: self::looked($user, $water),
            hangs: self::hangs($water), code: $water->share?->code, notes: NotesPresenter::of($user, $water),
            forecastAt: $water->forecast === null ? null : $water->forecast_at?->toIso8601String(),
            forecastAddress: $water->forecast_address ?? '', asksAddresses: config('eskith.forecast_hosts') !== '',
        );
    }

    /** "1,240 soundings · 1.2 ft below normal" */
    public static function words(Water $water, ?WaterChart $charted, UnitFormat $say): string
    {
        $tide = TideAndLight::overWater($water);
        $level = match (true) {
            $tide->tide() !== null => Words::of('the tide stands at {level}', level: $say->depth($tide->levelM(Carbon::now()))),
            $water->level_m === null => 'level not read',
            abs($water->level_m) < 0.005 => 'level as charted',
            default => $say->depth(abs($water->level_m)).($water->level_m < 0 ? ' below normal' : ' above normal'),
        };

        return implode(' · ', array_filter([
            $charted === null ? '' : Words::of('{soundings} soundings', soundings: number_format($charted->soundings)), $level,
        ]));
    }

    /** How long one looked for the bottom here, beside how long one fished. */
    private static function looked(User $user, Water $water): string
    {
        $looked = $water->surveys->sum(static fn (Survey $survey): int => $survey->seconds);
        $fished = OutingHours::onWater($user, $water);

        return Words::of('{looked} spent looking, {fished} fishing', looked: self::hours($looked / 3600), fished: self::hours($fished));
    }

    private static function hours(float $hours): string
    {
        return $hours < 0.95 ? round(60 * $hours)."\u{00A0}min" : round($hours, $hours < 10 ? 1 : 0)."\u{00A0}h";
    }

    /** What goes with it when it is deleted. */
    private static function hangs(Water $water): string
    {
        $parts = [];
        foreach ([
            [$water->spots->count(), 'spot', 'spots'], [$water->marks->count(), 'mark', 'marks'], [$water->edges->count(), 'line', 'lines'],
            [$water->surveys->count(), 'survey', 'surveys'], [$water->cardRules->count(), 'rule of its card', 'rules of its card'],
        ] as [$count, $one, $more]) {
            if ($count > 0) {
                $parts[] = "{$count} ".($count === 1 ? $one : $more);
            }
        }

        return $parts === [] ? 'nothing' : implode(', ', $parts);
    }
}
