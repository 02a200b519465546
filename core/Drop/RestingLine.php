<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Drop\Internal\GaussLegendre;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\Constants;

/**
 * The line with the lure hanging just clear of the bottom, or at the depth of fish that hang above it: weightless, normal
 * drag only, so the tension is constant along it. Line angle at the surface in degrees, line out, offset and tension; the
 * last four are null when the line would be longer than twelve times as deep as the lure is.
 */
final readonly class RestingLine
{
    private function __construct(
        private WaterColumn $column,
        private Lean $lean,
        public float $netWeightN,
        public ?float $lineAngleDeg,
        public ?float $lineOutM,
        public ?float $offsetM,
        public ?float $tensionN,
        public bool $holds,
    ) {
    }

    public static function of(Body $body, WaterColumn $column): self
    {
        $lean = Lean::of($body, $column);
        [$length, $offset] = self::lengthAndOffset($lean, $column);
        $depth = $column->toM;
        if (! ($length <= Constants::RECKONED_LINE_RATIO * $depth)) {
            return new self(
                column: $column,
                lean: $lean,
                netWeightN: $lean->netWeightN,
                lineAngleDeg: null,
                lineOutM: null,
                offsetM: null,
                tensionN: null,
                holds: false,
            );
        }
        $angle = $lean->angleDeg();

        return new self(
            column: $column,
            lean: $lean,
            netWeightN: $lean->netWeightN,
            lineAngleDeg: $angle,
            lineOutM: $length,
            offsetM: $offset,
            tensionN: $lean->tensionN,
            holds: abs($angle) <= Constants::HOLDS_LIMIT_DEG && $length <= Constants::HOLDS_LINE_RATIO * $depth,
        );
    }

    /**
     * The line as drawn, from the lure up to the surface, heights above the bottom.
     *
     * @param  int  $segments  at least 1
     * @return list<LinePoint> empty when the line is not reckoned with
     */
    public function shape(int $segments = 24): array
    {
        if ($this->lineOutM === null) {
            return [];
        }
        $column = $this->column;
        $points = [new LinePoint(0.0, $column->fromM)];
        $across = 0.0;
        $lowest = $column->fromM / $column->depthM;
        $step = (1 - $lowest) / $segments;
        for ($i = 1; $i <= $segments; $i++) {
            [$low, $middle, $high] = [$lowest + ($i - 1) * $step, $lowest + ($i - 0.5) * $step, $lowest + $i * $step];
            $across += $column->depthM * $step / 6 * (
                sinh($this->psi($column->pushUpTo($low)))
                + 4 * sinh($this->psi($column->pushUpTo($middle)))
                + sinh($this->psi($column->pushUpTo($high)))
            );
            $points[] = new LinePoint($across, $high * $column->depthM);
        }

        return $points;
    }

    private function psi(float $push): float
    {
        return $this->lean->psiLure + $this->column->dragPerM * $this->column->depthM / $this->lean->tensionN * $push;
    }

    /** @return array{float, float} S = ∫cosh ψ dh and x = ∫sinh ψ dh, m; S is infinite when it is beyond numbers */
    private static function lengthAndOffset(Lean $lean, WaterColumn $column): array
    {
        $depth = $column->depthM;
        $flow = $column->flow;
        if (max(abs($lean->psiLure), abs($lean->psiSurface)) > 300) {
            return [INF, INF];
        }
        if ($flow->profile === \Eskith\Core\Water\Profile::Uniform) {
            $half = ($lean->psiSurface - $lean->psiLure) / 2;
            $middle = ($lean->psiSurface + $lean->psiLure) / 2;
            $spread = abs($half) < 1e-6 ? 1 + $half * $half / 6 : sinh($half) / $half;

            return [$column->toM * cosh($middle) * $spread, $column->toM * sinh($middle) * $spread];
        }
        $scale = $column->dragPerM * $depth / $lean->tensionN;
        $psi = static fn (float $s): float => $lean->psiLure + $scale * $column->pushUpTo($s ** 7);
        $length = 0.0;
        $offset = 0.0;
        $lowest = ($column->fromM / $depth) ** Constants::RIVER_POWER;
        $turn = $flow->turnsAt();
        $edges = [$lowest, ...($turn !== null && $turn > $lowest ? [$turn] : []), 1.0];
        foreach (array_slice($edges, 1) as $i => $to) {
            $length += GaussLegendre::integrate(static fn (float $s): float => cosh($psi($s)) * 7 * $s ** 6, $edges[$i], $to);
            $offset += GaussLegendre::integrate(static fn (float $s): float => sinh($psi($s)) * 7 * $s ** 6, $edges[$i], $to);
        }

        return [$depth * $length, $depth * $offset];
    }
}
