<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Position;

/** A field of values at the crossings of a square grid, row by row from the south-west; null where nothing is known. */
final readonly class Lattice
{
    /** Share of the reach by which a chart's values go on past its edge, so that its lines and shades end there evenly. */
    private const PAST = 1.6;

    /** @param  list<float|null>  $values */
    public function __construct(
        public float $west, public float $south, public float $stepM, public int $columns, public int $rows, public array $values,
    ) {
    }

    /**
     * Depths over all that was sounded, and how well each crossing is known: 1 at a sounding, 0 at the edge of its reach,
     * below that where it is not known.
     *
     * @param  int  $most  crossings
     * @return array{self, self}|null depths and how well known; null without soundings
     */
    public static function over(Ground $ground, float $reachM, int $most): ?array
    {
        $bounds = $ground->bounds();
        if ($bounds === null) {
            return null;
        }
        [$west, $east, $south, $north] = [$bounds[0] - $reachM, $bounds[1] + $reachM, $bounds[2] - $reachM, $bounds[3] + $reachM];
        $step = max(0.5, sqrt(($east - $west) * ($north - $south) / $most));
        // Narrow waters are longer than they are wide: no side has more crossings than there may be in all.
        $step = max($step, ($east - $west) / $most * 2, ($north - $south) / $most * 2);
        $columns = (int) ceil(($east - $west) / $step) + 1;
        $rows = (int) ceil(($north - $south) / $step) + 1;
        $depths = $known = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                [$x, $y] = [$west + $column * $step, $south + $row * $step];
                $nearest = $ground->nearestM($x, $y, self::PAST * $reachM);
                $known[] = $nearest === null ? 1 - self::PAST : 1 - $nearest / $reachM;
                $depths[] = $nearest === null ? null : $ground->depthAt($x, $y, self::PAST * $reachM);
            }
        }

        $of = new self(west: $west, south: $south, stepM: $step, columns: $columns, rows: $rows, values: $depths);

        return [$of, $of->with($known)];
    }

    /** @param  list<float|null>  $values */
    public function with(array $values): self
    {
        return new self(
            west: $this->west, south: $this->south, stepM: $this->stepM, columns: $this->columns, rows: $this->rows, values: $values,
        );
    }

    public function at(int $column, int $row): ?float
    {
        return $column < 0 || $row < 0 || $column >= $this->columns || $row >= $this->rows
            ? null : $this->values[$row * $this->columns + $column];
    }

    public function position(int $column, int $row): Position
    {
        return new Position($this->west + $column * $this->stepM, $this->south + $row * $this->stepM);
    }

    /** Between its crossings; null where one of the four around is not known, or outside. */
    public function valueAt(float $east, float $north): ?float
    {
        [$x, $y] = [($east - $this->west) / $this->stepM, ($north - $this->south) / $this->stepM];
        [$i, $j] = [(int) floor($x), (int) floor($y)];
        [$u, $v] = [$x - $i, $y - $j];
        [$sw, $se, $nw, $ne] = [$this->at($i, $j), $this->at($i + 1, $j), $this->at($i, $j + 1), $this->at($i + 1, $j + 1)];

        return $sw === null || $se === null || $nw === null || $ne === null
            ? null : (1 - $v) * ((1 - $u) * $sw + $u * $se) + $v * ((1 - $u) * $nw + $u * $ne);
    }

    /** @return array{float, float}|null lowest and highest that is known; null where nothing is */
    public function range(): ?array
    {
        $known = array_filter($this->values, static fn (?float $value): bool => $value !== null);

        return $known === [] ? null : [min($known), max($known)];
    }
}
