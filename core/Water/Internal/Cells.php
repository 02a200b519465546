<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Internal;

/** Places by the square cells they lie in, so that the nearest are found without looking at all of them. */
final class Cells
{
    /** @var array{int, int, int, int} first and last column, first and last row of the cells with places */
    private readonly array $within;

    /** @var array<string, list<int>> */
    private array $cells = [];

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     */
    public function __construct(private readonly array $x, private readonly array $y, private readonly float $cellM)
    {
        [$west, $east, $south, $north] = [PHP_INT_MAX, PHP_INT_MIN, PHP_INT_MAX, PHP_INT_MIN];
        foreach ($x as $i => $at) {
            [$a, $b] = [$this->cellOf($at), $this->cellOf($y[$i])];
            $this->cells["{$a} {$b}"][] = $i;
            [$west, $east, $south, $north] = [min($west, $a), max($east, $a), min($south, $b), max($north, $b)];
        }
        $this->within = [$west, $east, $south, $north];
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

    /** @return \Generator<int, string> cells of a ring where soundings may lie */
    private function ring(int $i, int $j, int $ring): \Generator
    {
        [$west, $east, $south, $north] = $this->within;
        for ($a = max($west, $i - $ring); $a <= min($east, $i + $ring); $a++) {
            $edge = abs($a - $i) === $ring;
            foreach ($edge || $ring === 0 ? range(max($south, $j - $ring), min($north, $j + $ring)) : [$j - $ring, $j + $ring] as $b) {
                if ($b >= $south && $b <= $north && $b >= $j - $ring && $b <= $j + $ring) {
                    yield "{$a} {$b}";
                }
            }
        }
    }

    private function cellOf(float $metres): int
    {
        return (int) floor($metres / $this->cellM);
    }
}
