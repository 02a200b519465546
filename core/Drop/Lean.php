<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Tackle\Body;

/**
 * How far a line at rest leans, without its length: the quick answer behind charts, limits and choosing.
 * T dφ/ds = q cos²φ in the variable ψ = asinh(tan φ), in which the drag simply adds up with height.
 */
final readonly class Lean
{
    private function __construct(
        public float $netWeightN,
        public float $tensionN,
        public float $psiLure,
        public float $psiSurface,
    ) {
    }

    public static function of(Body $body, WaterColumn $column): self
    {
        $weight = $body->netWeightN($column->water);
        $u = $column->atLureMs;
        $push = 0.5 * $column->water->densityKgM3 * $body->family->definition()->dragAcross * $body->areaM2 * $u * abs($u);
        $tension = sqrt($weight * $weight + $push * $push);
        $psi = asinh($push / $weight);

        return new self(
            $weight, $tension, $psi,
            $psi + $column->dragPerM * $column->depthM / $tension * $column->pushUpTo(1.0),
        );
    }

    /** Line angle at the surface, degrees, positive when the lure lies down-flow of the rod. */
    public function angleDeg(): float
    {
        return rad2deg(atan(sinh($this->psiSurface)));
    }
}
