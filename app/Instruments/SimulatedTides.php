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

        return $known === null ? null : [
            'mean_m' => $known[0], 'epoch' => '2026-01-01T00:00:00Z',
            'constituents' => array_map(static fn (array $wave): array => [
                'amplitude_m' => $wave[0], 'speed_deg_h' => $wave[1], 'phase_deg' => $wave[2],
            ], $known[1]),
        ];
    }
}
