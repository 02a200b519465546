<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Water;

/** The stretch of water a line hangs in: how deep, which water, what flow, and how thick the line is. */
final readonly class WaterColumn
{
    private function __construct(
        public float $depthM,
        public float $lineDiameterM,
        public Flow $flow,
        public Water $water,
        public float $dragPerM,
        public float $nearBottomMs,
    ) {
    }

    /**
     * @param  float  $depthM  above 0, at most 150 m
     * @param  float  $lineDiameterM  0.02 to 3 mm
     *
     * @throws InvalidInput outside these
     */
    public static function of(float $depthM, float $lineDiameterM, Flow $flow, Water $water): self
    {
        if (! ($depthM > 0.0)) {
            throw InvalidInput::because('depth_m', 'Depth must be more than 0.');
        }
        if ($depthM > Constants::DEEPEST_M) {
            throw InvalidInput::because('depth_m', 'Depth beyond 150 m (490 ft) is not reckoned with.');
        }
        if (! ($lineDiameterM >= 0.00002 && $lineDiameterM <= 0.003)) {
            throw InvalidInput::because('line_d_m', 'Line diameter must be between 0.02 and 3 mm.');
        }

        return new self(
            depthM: $depthM,
            lineDiameterM: $lineDiameterM,
            flow: $flow,
            water: $water,
            dragPerM: 0.5 * $water->densityKgM3 * self::cylinderDrag($flow->rms(), $lineDiameterM, $water) * $lineDiameterM,
            nearBottomMs: $flow->at(min(Constants::CLEAR_OF_BOTTOM_M, $depthM) / $depthM),
        );
    }

    /** The same stretch with another flow. */
    public function with(Flow $flow): self
    {
        return self::of($this->depthM, $this->lineDiameterM, $flow, $this->water);
    }

    /** Drag coefficient of a line across the flow (Constants::CYLINDER); 0 without flow. */
    public static function cylinderDrag(float $speedMs, float $diameterM, Water $water): float
    {
        $re = $water->densityKgM3 * $speedMs * $diameterM / $water->viscosityPaS;
        if ($re <= 1e-12) {
            return 0.0;
        }
        [$a, $b, $c, $d, $e] = Constants::CYLINDER;

        return $a + $b / $re ** 0.89 + $c / sqrt($re) - $d * $re / (1 + $e * $re * $re);
    }
}
