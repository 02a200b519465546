<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Drop\WeightChart;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Water\CellData;
use Eskith\Telling\Data\Water\ChartData;
use Eskith\Telling\Data\Water\ChartRowData;
use Eskith\Telling\Kept\KeptLure;
use Eskith\Telling\Kit;
use Eskith\Telling\Readings\ReadingBook;

/** Puts the weight chart into cells with words: today's reading in the middle of it. */
final class ChartPresenter
{
    private const COLUMNS = 12;

    private const ROWS = 12;

    /** mm of line diameter across. */
    private const LINES_MM = [0.08, 0.10, 0.12, 0.14, 0.16, 0.18, 0.20, 0.23, 0.26, 0.30, 0.35, 0.40];

    /**
     * @param  string  $across  "drift" or "line"
     * @param  string  $of  "box", the angler's own, or "series"
     */
    public static function of(
        Kit $kit, ReadingBook $book, string $across, string $of, int $rows = self::ROWS, int $columns = self::COLUMNS,
    ): ChartData {
        $diameter = $kit->line->diameterM;
        $situation = $book->situation($diameter);
        $bodies = $of === 'series' ? self::series($situation) : self::box($kit, $situation);
        $depths = self::depths($situation, $rows);
        $here = $situation->water->depthM ?? Conditions::ASSUMED_DEPTH_M;
        $drift = $book->driftMs() ?? 0.0;
        $row = self::nearest($depths, $here);
        $depths = self::with($depths, $row, $here);
        $names = new LureNames($situation->say);
        if ($across === 'line') {
            $steps = array_map(static fn (float $mm): float => $mm / 1000, self::LINES_MM);
            $column = self::nearest($steps, $diameter);
            $steps = self::with($steps, $column, $diameter);
            $charts = array_map(static fn (float $line): WeightChart => self::chart($situation, $depths, [$drift], $bodies, $line), $steps);
            $at = static fn (int $r, int $c): ?Body => self::body($charts[$c], $r, 0);
            $labels = array_map(static fn (float $line): string => Unit::Millimetre->print($line), $steps);
            $texts = [];
        } else {
            $steps = self::drifts($situation, $drift, $columns);
            $column = self::nearest($steps, $drift);
            $steps = self::with($steps, $column, $drift);
            $chart = self::chart($situation, $depths, $steps, $bodies, $diameter);
            $at = static fn (int $r, int $c): ?Body => self::body($chart, $r, $c);
            $unit = $situation->say->units->speed;
            $labels = array_map(static fn (float $speed): string => $unit->print($speed), $steps);
            $texts = $labels;
        }
        // Where the water may move and nobody knows how, no weight can be told.
        $unknown = $situation->water->currentMs === null;
        $told = [];
        foreach ($depths as $r => $depth) {
            $cells = [];
            foreach (array_keys($steps) as $c) {
                $body = $unknown ? null : $at($r, $c);
                $cells[] = new CellData(
                    $body === null ? '–' : $situation->say->weight($body->massKg), $body?->massKg,
                    $r === $row && $c === $column,
                );
            }
            $told[] = new ChartRowData($situation->say->depth($depth), $cells);
        }
        $mine = $unknown ? null : $at($row, $column);

        return new ChartData(
            across: $across === 'line' ? 'line' : 'drift',
            of: $of === 'series' ? 'series' : 'box',
            acrossLabel: $across === 'line'
                ? Words::of('line diameter, at {drift} of drift', drift: $situation->say->speed($drift))
                : Words::of('drift, on {millimetre} line', millimetre: Unit::Millimetre->print($diameter)),
            columns: $labels,
            columnTexts: $texts,
            rows: $told,
            sentence: $unknown ? Headline::unknownFlow($situation) : ($mine === null
                ? 'Nothing here stays straight down at today\'s readings'
                : Words::of('Here the {mass} is the lightest that stays straight down', mass: $names->weight($mine->massKg))),
            note: implode(' ', array_filter([
                'The lightest weight within 20° of straight down; a dash where none is.',
                $of === 'series' ? 'Blades of the usual series.' : 'Of your own box.',
                $situation->fishDepthM() === null
                    ? ''
                    : Words::of('For fish at {depth}.', depth: $situation->say->depth($situation->fishDepthM())),
                'Today is framed. Estimates: compare, do not quote.',
            ])),
        );
    }

    /**
     * @param  list<float>  $depths
     * @param  list<float>  $drifts
     * @param  list<Body>  $bodies
     */
    private static function chart(Situation $situation, array $depths, array $drifts, array $bodies, float $line): WeightChart
    {
        return WeightChart::of(
            $depths, $drifts, $bodies, $line, $situation->water->currentMs ?? 0.0, $situation->water->profile,
            $situation->water->water(), fishDepthM: $situation->fishDepthM(),
        );
    }

    private static function body(WeightChart $chart, int $row, int $column): ?Body
    {
        $index = $chart->lightest[$row][$column];

        return $index === null ? null : $chart->bodies[$index];
    }

    /** @return list<Body> of the angler's own; for bream the vibes, for other fish the rest, where there are any */
    private static function box(Kit $kit, Situation $situation): array
    {
        $lures = array_map(static fn (KeptLure $kept): Lure => $kept->lure(), $kit->luresAtHand());

        return array_values(
            array_map(static fn (Lure $lure): Body => $lure->body, WeightSteps::counting($lures, $situation->aim->species)),
        );
    }

    /** @return list<Body> */
    private static function series(Situation $situation): array
    {
        return array_map(static fn (float $kg): Body => Body::of(Family::Blade, $kg), WeightSteps::series($situation->aim->species));
    }

    /** @return list<float> round depths in the angler's unit, from shallow to twice today's */
    private static function depths(Situation $situation, int $rows): array
    {
        $unit = $situation->say->units->depth;
        $most = max($unit->fromSi($situation->water->depthM ?? Conditions::ASSUMED_DEPTH_M) * 1.8, $unit === Unit::Foot ? 24.0 : 8.0);
        $step = self::roundStep($most / $rows, [0.5, 1, 2, 4, 5, 10, 20, 50]);

        return array_values(
            array_filter(
                array_map(static fn (int $i): float => $unit->toSi($i * $step), range(1, $rows)),
                static fn (float $depth): bool => $depth <= 150,
            ),
        );
    }

    /** @return list<float> round drifts in the angler's unit, in the sense the boat goes */
    private static function drifts(Situation $situation, float $drift, int $columns): array
    {
        $unit = $situation->say->units->speed;
        $most = max(abs($unit->fromSi($drift)) * 1.8, $unit->fromSi(0.3));
        $step = self::roundStep($most / ($columns - 1), [0.01, 0.02, 0.05, 0.1, 0.2, 0.25, 0.5, 1, 2]);

        return array_map(static fn (int $i): float => ($drift < 0 ? -1 : 1) * min(6.0, $unit->toSi($i * $step)), range(0, $columns - 1));
    }

    /**
     * The same with one value replaced, so that today's reading is on the chart itself.
     *
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function with(array $values, int $index, float $value): array
    {
        return array_values(array_replace($values, [$index => $value]));
    }

    /** @param  list<float|int>  $steps */
    private static function roundStep(float $least, array $steps): float
    {
        foreach ($steps as $step) {
            if ($step >= $least - 1e-9) {
                return (float) $step;
            }
        }

        return (float) end($steps);
    }

    /** @param  list<float>  $values */
    private static function nearest(array $values, float $wanted): int
    {
        $best = 0;
        foreach ($values as $index => $value) {
            if (abs($value - $wanted) < abs($values[$best] - $wanted)) {
                $best = $index;
            }
        }

        return $best;
    }
}
