<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Runs;
use Eskith\Core\Water\Water;

/**
 * The stretch of water a line hangs in: how deep, which water, what flow, how thick the line is, and how far down the lure
 * is worked: on the bottom, or at the depth at which fish hang.
 */
final readonly class WaterColumn
{
    /** What is said of fish above the surface or below the bottom. */
    public const FISH_ARE_IN_THE_WATER = 'Fish hang between surface and bottom. Check the depth they are at.';

    private function __construct(
        public float $depthM,
        public float $lineDiameterM,
        public Flow $flow,
        public Water $water,
        public float $dragPerM,
        /** m below the surface at which the lure is worked: the depth, or where fish hang. */
        public float $toM,
        /** m above the bottom from which the line is pushed: 0 on the bottom. */
        public float $fromM,
        /** m/s of the flow at the lure. */
        public float $atLureMs,
        /** Whether the lure is worked above the bottom, among fish that hang in the water. */
        public bool $hung,
    ) {
    }

    /**
     * @param  float  $depthM  above 0, at most 150 m
     * @param  float  $lineDiameterM  0.02 to 3 mm
     * @param  float|null  $fishDepthM  m below the surface at which fish hang; null for the bottom
     *
     * @throws InvalidInput outside these
     */
    public static function of(float $depthM, float $lineDiameterM, Flow $flow, Water $water, ?float $fishDepthM = null): self
    {
        if (! ($depthM > 0.0)) {
            throw InvalidInput::because('depth_m', 'Depth is more than 0.');
        }
        if ($depthM > Constants::DEEPEST_M) {
            throw InvalidInput::because('depth_m', 'Depth is at most 150 m (490 ft).');
        }
        if (! ($lineDiameterM >= 0.00002 && $lineDiameterM <= 0.003)) {
            throw InvalidInput::because('line_d_m', 'Line is 0.02 to 3 mm thick.');
        }

        if ($fishDepthM !== null && ! ($fishDepthM > 0.0 && $fishDepthM <= $depthM)) {
            throw InvalidInput::because('fish_depth_m', self::FISH_ARE_IN_THE_WATER);
        }
        $heldM = $fishDepthM === null ? min(Constants::CLEAR_OF_BOTTOM_M, $depthM) : $depthM - $fishDepthM;

        return new self(
            depthM: $depthM,
            lineDiameterM: $lineDiameterM,
            flow: $flow,
            water: $water,
            dragPerM: 0.5 * $water->densityKgM3 * self::cylinderDrag($flow->rms(), $lineDiameterM, $water) * $lineDiameterM,
            toM: $fishDepthM ?? $depthM,
            fromM: $fishDepthM === null ? 0.0 : $heldM,
            atLureMs: $flow->at($heldM / $depthM),
            hung: $fishDepthM !== null,
        );
    }

    /** What of it runs across the line of a cast: all where the water is read to, nothing where it runs along or was not read. */
    public function across(?Runs $runs): self
    {
        return $runs === Runs::Across ? $this : $this->with(Flow::still($this->flow->profile));
    }

    /** The same with the lure on the bottom. */
    public function onBottom(): self
    {
        return self::of($this->depthM, $this->lineDiameterM, $this->flow, $this->water);
    }

    /** The same with another line. */
    public function withLine(float $diameterM): self
    {
        return self::of($this->depthM, $diameterM, $this->flow, $this->water, $this->hung ? $this->toM : null);
    }

    /** The same stretch with another flow. */
    public function with(Flow $flow): self
    {
        return self::of($this->depthM, $this->lineDiameterM, $flow, $this->water, $this->hung ? $this->toM : null);
    }

    /** ∫ u|u| dη from the lure up to a share η of the depth, (m/s)². */
    public function pushUpTo(float $eta): float
    {
        return $this->flow->pushUpTo($eta) - ($this->fromM > 0.0 ? $this->flow->pushUpTo($this->fromM / $this->depthM) : 0.0);
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
