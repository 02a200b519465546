<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Drop\Internal\Bisection;
use Eskith\Core\Drop\Internal\GaussLegendre;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Profile;

/**
 * A lure falling straight with its line pulled down behind it: v(z) = √(2W/(ρ(cA + C_tπdz))), which slows as the line
 * runs out; time to the bottom in closed form. W is the weight less what a finger on the line carries.
 */
final readonly class Fall
{
    private function __construct(
        private WaterColumn $column,
        private float $k1,
        private float $k2,
        public float $sinkRateStartMs,
        public float $seconds,
    ) {
    }

    /**
     * @param  float  $control  share of the weight carried by the finger, 0 barely on the line, about 0.3 fed or thumbed; under 1
     *
     * @throws InvalidInput for a control outside 0 to 0.95
     */
    public static function of(Body $body, Attitude $attitude, WaterColumn $column, float $control = 0.0): self
    {
        if (! ($control >= 0.0 && $control <= 0.95)) {
            throw InvalidInput::because('control', 'Fall control runs from 0 (finger barely on the line) to 0.95.');
        }
        $weight = $body->netWeightN($column->water) * (1 - $control);
        $density = $column->water->densityKgM3;
        $k1 = $density * $attitude->dragFalling * $body->areaM2 / (2 * $weight);
        $k2 = $density * Constants::FALLING_LINE_DRAG * M_PI * $column->lineDiameterM / (2 * $weight);

        return new self(
            column: $column,
            k1: $k1,
            k2: $k2,
            sinkRateStartMs: 1 / sqrt($k1),
            seconds: self::timeTo($column->toM, $k1, $k2),
        );
    }

    /**
     * The falling drag coefficient that a timed drop shows.
     *
     * @param  float  $seconds  from the surface to the bottom
     *
     * @throws InvalidInput when no coefficient from 0.1 to 40 gives that time
     */
    public static function dragFromTimedDrop(Body $body, WaterColumn $column, float $seconds, float $control = 0.0): float
    {
        $time = static fn (float $drag): float => self::of($body, Attitude::measured($drag), $column, $control)->seconds;
        if (! ($time(0.1) < $seconds && $seconds < $time(40.0))) {
            throw InvalidInput::because(
                'seconds',
                sprintf(
                    "%.1f s can't be right for this lure and depth. It takes %.0f to %.0f s.", $seconds,
                    ceil($time(0.1)), floor($time(40.0)),
                ),
            );
        }

        return Bisection::root(static fn (float $drag): float => $time($drag) - $seconds, 0.1, 40.0);
    }

    /** Seconds to fall to z metres below the surface. */
    public function secondsTo(float $z): float
    {
        return self::timeTo($z, $this->k1, $this->k2);
    }

    /** m down-flow that the water carries it on its way, ∫ u dz/v: negative against what flows down. */
    public function driftM(): float
    {
        $depth = $this->column->depthM;
        $flow = $this->column->flow;
        if ($flow->profile === Profile::Uniform) {
            return $flow->at(1.0) * $this->seconds;
        }

        return $depth * GaussLegendre::integrate(
            fn (float $s): float => ($flow->surfaceMs * $s - $flow->boatMs)
                * sqrt($this->k1 + $this->k2 * $depth * (1 - $s ** 7)) * 7 * $s ** 6,
            ($this->column->fromM / $depth) ** Constants::RIVER_POWER, 1.0,
        );
    }

    /** m that the water carries it on its way, the size of the flow taken height by height. */
    public function carriedM(): float
    {
        $flow = $this->column->flow;
        if ($flow->profile === Profile::Uniform) {
            return abs($flow->at(1.0)) * $this->seconds;
        }
        $depth = $this->column->depthM;
        $lowest = ($this->column->fromM / $depth) ** Constants::RIVER_POWER;
        $turn = $flow->turnsAt();
        $carried = 0.0;
        foreach ($turn !== null && $turn > $lowest ? [[$lowest, $turn], [$turn, 1.0]] : [[$lowest, 1.0]] as [$from, $to]) {
            $carried += $depth * GaussLegendre::integrate(
                fn (float $s): float => abs($flow->surfaceMs * $s - $flow->boatMs)
                    * sqrt($this->k1 + $this->k2 * $depth * (1 - $s ** 7)) * 7 * $s ** 6,
                $from, $to,
            );
        }

        return $carried;
    }

    /** Depth after so many seconds, m, at most where the lure is worked. */
    public function depthAfter(float $seconds): float
    {
        if ($seconds <= 0) {
            return 0.0;
        }
        if ($seconds >= $this->seconds) {
            return $this->column->toM;
        }
        if ($this->k2 * $this->column->toM < 1e-6 * $this->k1) {
            return $seconds / sqrt($this->k1);
        }

        return ((($this->k1 ** 1.5 + 1.5 * $this->k2 * $seconds) ** (2 / 3)) - $this->k1) / $this->k2;
    }

    /**
     * Where the lure is on its way down.
     *
     * @param  int  $steps  at least 1
     * @return list<FallPoint> from the surface to where the lure is worked, evenly in depth
     */
    public function path(int $steps = 16): array
    {
        $to = $this->column->toM;
        $points = [new FallPoint(0.0, 0.0, 0.0)];
        $across = 0.0;
        for ($i = 1; $i <= $steps; $i++) {
            $seconds = $this->secondsTo($to * $i / $steps);
            $flow = $this->column->flow->at(1 - ($i - 0.5) / $steps * $to / $this->column->depthM);
            $across += $flow * ($seconds - $points[$i - 1]->seconds);
            $points[] = new FallPoint($seconds, $to * $i / $steps, $across);
        }

        return $points;
    }

    /** (2/3K₂)((K₁+K₂z)^1.5 − K₁^1.5), written so that nothing cancels as K₂ → 0. */
    private static function timeTo(float $z, float $k1, float $k2): float
    {
        $a = sqrt($k1 + $k2 * $z);
        $b = sqrt($k1);

        return 2 / 3 * $z * ($a * $a + $a * $b + $b * $b) / ($a + $b);
    }
}
