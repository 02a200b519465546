<?php

declare(strict_types=1);

namespace App\Instruments;

/** A stand-in for a tide service: made-up waves of made-up waters, the same every time. */
final class SimulatedTides
{
    /** Mean height above the chart, m; waves as height in m, degrees an hour and degrees. */
    private const WATERS = [
        'Tannick harbour' => [1.9, [[0.92, 28.984104, 212.0], [0.31, 30.0, 251.0], [0.12, 15.041069, 77.0], [0.07, 13.943036, 31.0]]],
    ];

    /** @return list<string> names of the waters it knows */
    public static function waters(): array
    {
        return array_keys(self::WATERS);
    }

    /**
     * As a water keeps its tide; null for a water it does not know.
     *
     * @return array{mean_m: float, epoch: string,
     *   constituents: list<array{amplitude_m: float, speed_deg_h: float, phase_deg: float}>}|null
     */
    public static function of(string $water): ?array
    {
        $known = self::WATERS[$water] ?? null;

        return $known === null ? null : self::kept(...$known);
    }

    /**
     * For a place that nobody made a tide up for: one of its own all the same, made from where it lies.
     *
     * @return array{mean_m: float, epoch: string,
     *   constituents: list<array{amplitude_m: float, speed_deg_h: float, phase_deg: float}>}
     */
    public static function at(float $latitude, float $longitude): array
    {
        $size = 0.5 + 0.4 * sin(deg2rad(7 * $longitude)) ** 2 + 0.3 * cos(deg2rad(5 * $latitude)) ** 2;
        $phase = fmod(12 * ($longitude + 360) + 5 * ($latitude + 90), 360);

        return self::kept(round(2 * $size, 2), [
            [round($size, 2), 28.984104, round($phase, 1)], [round(0.33 * $size, 2), 30.0, round(fmod($phase + 40, 360), 1)],
            [round(0.12 * $size, 2), 15.041069, round(fmod($phase + 200, 360), 1)],
        ]);
    }

    /**
     * @param  list<array{float, float, float}>  $waves
     * @return array{mean_m: float, epoch: string,
     *   constituents: list<array{amplitude_m: float, speed_deg_h: float, phase_deg: float}>}
     */
    private static function kept(float $mean, array $waves): array
    {
        return [
            'mean_m' => $mean, 'epoch' => '2026-01-01T00:00:00Z',
            'constituents' => array_map(static fn (array $wave): array => [
                'amplitude_m' => $wave[0], 'speed_deg_h' => $wave[1], 'phase_deg' => $wave[2],
            ], $waves),
        ];
    }
}
