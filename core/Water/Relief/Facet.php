<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

use Eskith\Core\Water\Position;

/** A triangle of bottom between three soundings: how steep it is, and which way it falls. */
final readonly class Facet
{
    /** m deeper for each m east, and for each m north. */
    public float $eastward;

    public float $northward;

    /**
     * @param  array{float, float, float}  $a  m east, m north, m deep
     * @param  array{float, float, float}  $b
     * @param  array{float, float, float}  $c
     * @param  array{int, int, int}  $corners  which soundings
     */
    public function __construct(public array $a, public array $b, public array $c, public array $corners)
    {
        [$bx, $by, $bz] = [$b[0] - $a[0], $b[1] - $a[1], $b[2] - $a[2]];
        [$cx, $cy, $cz] = [$c[0] - $a[0], $c[1] - $a[1], $c[2] - $a[2]];
        $twice = $bx * $cy - $cx * $by;
        $this->eastward = $twice === 0.0 ? 0.0 : ($bz * $cy - $cz * $by) / $twice;
        $this->northward = $twice === 0.0 ? 0.0 : ($bx * $cz - $cx * $bz) / $twice;
    }

    /** Degrees from level. */
    public function steepDeg(): float
    {
        return rad2deg(atan(hypot($this->eastward, $this->northward)));
    }

    public function areaM2(): float
    {
        [$a, $b, $c] = [$this->a, $this->b, $this->c];

        return abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1])) / 2;
    }

    /** m, its longest side seen from above */
    public function longestM(): float
    {
        [$a, $b, $c] = [$this->a, $this->b, $this->c];

        return max(hypot($b[0] - $a[0], $b[1] - $a[1]), hypot($c[0] - $b[0], $c[1] - $b[1]), hypot($a[0] - $c[0], $a[1] - $c[1]));
    }

    public function middle(): Position
    {
        return new Position(($this->a[0] + $this->b[0] + $this->c[0]) / 3, ($this->a[1] + $this->b[1] + $this->c[1]) / 3);
    }

    /** m, of its corners */
    public function shallowestM(): float
    {
        return min($this->a[2], $this->b[2], $this->c[2]);
    }

    /** m, of its corners */
    public function deepestM(): float
    {
        return max($this->a[2], $this->b[2], $this->c[2]);
    }
}
