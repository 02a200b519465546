<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;

/**
 * The flow that the line sees, in the boat's frame: u(h) = c(h) − b, along one axis, m/s. Heights are given as a share
 * η of the depth, 0 at the bottom, 1 at the surface.
 */
final readonly class Flow
{
    /** Fastest current or boat that is believed, m/s. */
    public const FASTEST = 6.0;

    private function __construct(public float $surfaceMs, public float $boatMs, public Profile $profile)
    {
    }

    /**
     * @param  float  $surfaceMs  current at the surface, signed
     * @param  float  $boatMs  boat over ground along the same axis, signed
     *
     * @throws InvalidInput for speeds nobody fishes in
     */
    public static function of(float $surfaceMs, float $boatMs, Profile $profile = Profile::Uniform): self
    {
        if (! (abs($surfaceMs) <= self::FASTEST)) {
            throw InvalidInput::because('current_ms', 'Current is at most 6 m/s (13 mph). Check the figure.');
        }
        if (! (abs($boatMs) <= self::FASTEST)) {
            throw InvalidInput::because('boat_ms', 'Drift is at most 6 m/s (13 mph). Check the figure.');
        }

        return new self($surfaceMs, $boatMs, $profile);
    }

    public static function still(Profile $profile = Profile::Uniform): self
    {
        return new self(0.0, 0.0, $profile);
    }

    /**
     * The drift that a wind gives a boat nobody has timed.
     *
     * @param  float  $factor  drift over wind; the estimate unless measured
     */
    public static function driftFromWind(float $windMs, float $factor = Constants::DRIFT_PER_WIND): float
    {
        return $factor * $windMs;
    }

    /** u at the share η of the depth, m/s. */
    public function at(float $eta): float
    {
        return $this->profile === Profile::Uniform
            ? $this->surfaceMs - $this->boatMs
            : $this->surfaceMs * max(0.0, $eta) ** Constants::RIVER_POWER - $this->boatMs;
    }

    /** Mean over the depth, m/s, signed. */
    public function mean(): float
    {
        return ($this->profile === Profile::River ? 7 / 8 * $this->surfaceMs : $this->surfaceMs) - $this->boatMs;
    }

    /** Root mean square over the depth, m/s: never jumps where the mean passes zero. */
    public function rms(): float
    {
        $c = $this->surfaceMs;
        $b = $this->boatMs;

        return $this->profile === Profile::Uniform
            ? abs($c - $b)
            : sqrt(max(0.0, 7 / 9 * $c * $c - 7 / 4 * $c * $b + $b * $b));
    }

    /** s = η^(1/7) at which a river's flow past the boat turns round, or null when it never does. */
    public function turnsAt(): ?float
    {
        if ($this->profile === Profile::Uniform || $this->surfaceMs === 0.0) {
            return null;
        }
        $s = $this->boatMs / $this->surfaceMs;

        return $s > 0.0 && $s < 1.0 ? $s : null;
    }

    /** ∫₀^η u|u| dη, (m/s)²: exact, also where the flow turns round with height. */
    public function pushUpTo(float $eta): float
    {
        if ($this->profile === Profile::Uniform) {
            $u = $this->surfaceMs - $this->boatMs;

            return $u * abs($u) * $eta;
        }
        $s = $eta ** Constants::RIVER_POWER;
        $turn = $this->turnsAt();
        $upper = $this->surfaceMs - $this->boatMs <=> 0.0;
        if ($turn === null) {
            return ($upper !== 0 ? $upper : -$this->boatMs <=> 0.0) * $this->squareUpTo($s);
        }
        $lower = -$this->boatMs <=> 0.0;
        if ($s <= $turn) {
            return $lower * $this->squareUpTo($s);
        }
        $belowTurn = $this->squareUpTo($turn);

        return $lower * $belowTurn + $upper * ($this->squareUpTo($s) - $belowTurn);
    }

    /** ∫₀^η u² dη at s = η^(1/7). */
    private function squareUpTo(float $s): float
    {
        $c = $this->surfaceMs;
        $b = $this->boatMs;

        return $s ** 7 * (7 / 9 * $c * $c * $s * $s - 7 / 4 * $c * $b * $s + $b * $b);
    }
}
