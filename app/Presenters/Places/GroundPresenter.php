<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\DepthLineData;
use App\Data\Places\GroundData;
use App\Places\WaterChart;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Water\Relief\Lattice;
use Eskith\Core\Water\Relief\LevelLines;

/** The ground of a water as it is drawn, as deep as it stands now, with its depth lines in the angler's unit. */
final readonly class GroundPresenter
{
    /** Lines from the shallowest to the deepest, about. */
    private const LINES = 11;

    /** Steps between them, in the angler's unit; every fifth line is strong. */
    private const STEPS = [0.5, 1, 2, 4, 5, 10, 20, 50, 100];

    private const STRONG = 5;

    /** Points of a line that are not worth their bytes lie nearer to it than this share of the lattice's step. */
    private const SLACK = 0.12;

    public function __construct(private UnitFormat $say)
    {
    }

    /** @param  float  $levelM  that the water stands above its zero now */
    public function of(WaterChart $charted, float $levelM): GroundData
    {
        $depths = $charted->depths;
        [$shallow, $deep] = array_map(static fn (float $depth): float => $depth + $levelM, $depths->range() ?? [0.0, 0.0]);

        return new GroundData(
            west: round($depths->west, 2), south: round($depths->south, 2), stepM: round($depths->stepM, 4), columns: $depths->columns,
            rows: $depths->rows, depths: array_map(
                static fn (?float $depth): ?int => $depth === null ? null : (int) round(100 * ($depth + $levelM)), $depths->values,
            ),
            shallowM: $shallow, deepM: $deep,
            known: array_map(
                fn (array $line): array => $this->flat($line, $depths->stepM), LevelLines::of(self::edged($charted->known), 0.0)
            ),
            lines: $this->lines($depths, $levelM, $shallow, $deep),
        );
    }

    /** @return list<DepthLineData> */
    private function lines(Lattice $depths, float $levelM, float $shallow, float $deep): array
    {
        $unit = $this->say->units->depth;
        [$from, $to] = [$unit->fromSi($shallow), $unit->fromSi($deep)];
        $step = 100.0;
        foreach (array_reverse(self::STEPS) as $one) {
            $step = ($to - $from) / $one <= self::LINES ? $one : $step;
        }
        $lines = [];
        for ($n = (int) ceil($from / $step); $n * $step <= $to; $n++) {
            $metres = $unit->toSi($n * $step);
            foreach (LevelLines::of($depths, $metres - $levelM + 1e-7) as $line) {
                if (count($line) > 4) {
                    $lines[] = new DepthLineData(
                        rtrim(rtrim(number_format($n * $step, 1, '.', ''), '0'), '.'), $metres, $n % self::STRONG === 0,
                        $this->flat($line, $depths->stepM),
                    );
                }
            }
        }

        return $lines;
    }

    /** The same with nothing known at its border, so that what is known ends within it. */
    private static function edged(Lattice $known): Lattice
    {
        $values = $known->values;
        for ($row = 0; $row < $known->rows; $row++) {
            for ($column = 0; $column < $known->columns; $column++) {
                if ($row === 0 || $column === 0 || $row === $known->rows - 1 || $column === $known->columns - 1) {
                    $values[$row * $known->columns + $column] = min(-0.01, $values[$row * $known->columns + $column] ?? -0.01);
                }
            }
        }

        return $known->with(array_values($values));
    }

    /**
     * One after the other, to the decimetre, without points that lie on the way between their neighbours.
     *
     * @param  list<array{float, float}>  $line
     * @return list<float>
     */
    private function flat(array $line, float $stepM): array
    {
        $flat = [];
        $last = null;
        foreach ($line as $i => [$x, $y]) {
            $next = $line[$i + 1] ?? null;
            if ($last !== null && $next !== null) {
                $way = hypot($next[0] - $last[0], $next[1] - $last[1]);
                $off = abs(($next[0] - $last[0]) * ($y - $last[1]) - ($next[1] - $last[1]) * ($x - $last[0])) / max(1e-9, $way);
                if ($off < self::SLACK * $stepM && $way < 4 * $stepM) {
                    continue;
                }
            }
            array_push($flat, round($x, 1), round($y, 1));
            $last = [$x, $y];
        }

        return $flat;
    }
}
