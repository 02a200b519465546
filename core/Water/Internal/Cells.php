<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Internal;

/** Places by the square cells they lie in, so that the nearest are found without looking at all of them. */
final class Cells
{
    /** @var array{int, int, int, int} first and last column, first and last row of the cells with places */
    private readonly array $within;

    /** How many rows of them. */
    private readonly int $rows;

    /** @var array<int, list<int>> by column times rows and row, from the south-west */
    private array $cells = [];

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    public function __construct(private readonly array $x, private readonly array $y, private readonly float $cellM)
    {
        [$columns, $rows] = [array_map($this->cellOf(...), $x), array_map($this->cellOf(...), $y)];
        $this->within = $columns === [] || $rows === [] ? [0, 0, 0, 0] : [min($columns), max($columns), min($rows), max($rows)];
        $this->rows = $this->within[3] - $this->within[2] + 1;
        foreach ($columns as $i => $column) {
            $this->cells[$this->number($column, $rows[$i])][] = $i;
        }
    }

    /**
     * Looked for in rings of cells around the place, no farther than soundings lie.
     *
     * @return list<array{float, int}> the nearest so many within reach: squared distance and which, nearest first
     */
    public function nearest(float $east, float $north, float $reachM, int $count): array
    {
        if ($this->x === []) {
            return [];
        }
        [$i, $j] = [$this->cellOf($east), $this->cellOf($north)];
        [$west, $easternmost, $south, $northernmost] = $this->within;
        // Within these rings lies no sounding yet; beyond the others none any more.
        $first = max(0, $west - $i, $i - $easternmost, $south - $j, $j - $northernmost);
        $last = max(abs($west - $i), abs($easternmost - $i), abs($south - $j), abs($northernmost - $j));
        $near = [];
        for ($ring = $first; $ring <= $last; $ring++) {
            if (($ring - 1) * $this->cellM > $reachM) {
                break;
            }
            foreach ($this->ring($i, $j, $ring) as $cell) {
                foreach ($this->cells[$cell] ?? [] as $one) {
                    $squared = ($this->x[$one] - $east) ** 2 + ($this->y[$one] - $north) ** 2;
                    if ($squared <= $reachM * $reachM) {
                        $near[] = [$squared, $one];
                    }
                }
            }
            if (count($near) >= $count) {
                sort($near);
                // All that lie nearer than the ring is wide have been seen.
                if ($near[$count - 1][0] <= ($ring * $this->cellM) ** 2) {
                    break;
                }
            }
        }
        sort($near);

        return array_slice($near, 0, $count);
    }

    /** @return list<int> cells of a ring where soundings may lie */
    private function ring(int $i, int $j, int $ring): array
    {
        [$west, $east, $south, $north] = $this->within;
        [$from, $to] = [max($south, $j - $ring), min($north, $j + $ring)];
        $cells = [];
        for ($a = max($west, $i - $ring); $a <= min($east, $i + $ring); $a++) {
            // The two outermost columns whole, of those between the two ends.
            $step = abs($a - $i) === $ring ? 1 : 2 * $ring;
            for ($b = $step === 1 ? $from : $j - $ring; $b <= $to; $b += $step) {
                if ($b >= $from) {
                    $cells[] = $this->number($a, $b);
                }
            }
        }

        return $cells;
    }

    private function number(int $column, int $row): int
    {
        return ($column - $this->within[0]) * $this->rows + $row - $this->within[2];
    }

    private function cellOf(float $metres): int
    {
        return (int) floor($metres / $this->cellM);
    }
}
