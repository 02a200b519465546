<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Drop\Internal\Bisection;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\Constants;
use Eskith\Core\Water\Flow;

/** What still stays vertical: the least weight, the largest drift, the thickest line. Null means: none does. */
final class VerticalLimits
{
    /** Masses searched for a continuous answer, kg. */
    private const LEAST_KG = 0.0005;

    private const MOST_KG = 0.12;

    /** Drifts searched, m/s. */
    private const MOST_DRIFT = 3.0;

    public static function isVertical(Body $body, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): bool
    {
        return abs(Lean::of($body, $column)->psiSurface) <= asinh(tan(deg2rad($limitDeg)));
    }

    /**
     * The lightest of the angler's own that stays vertical.
     *
     * @param  list<Body>  $bodies  in any order
     */
    public static function lightestOf(array $bodies, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): ?Body
    {
        $lightest = null;
        foreach ($bodies as $body) {
            if (($lightest === null || $body->massKg < $lightest->massKg) && self::isVertical($body, $column, $limitDeg)) {
                $lightest = $body;
            }
        }

        return $lightest;
    }

    /**
     * The least mass of a family that stays vertical, kg. Searched upward in steps of 4 %, then by bisection: the angle
     * falls only slowly with mass and can pass zero where the flow turns round with height. Null above 120 g.
     */
    public static function leastMassKg(Family $family, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): ?float
    {
        $limit = asinh(tan(deg2rad($limitDeg)));
        $over = static fn (float $kg): float => abs(Lean::of(Body::of($family, $kg), $column)->psiSurface) - $limit;
        $low = self::LEAST_KG;
        if ($over($low) <= 0) {
            return $low;
        }
        for ($kg = $low * 1.04; $kg <= self::MOST_KG * 1.04; $kg *= 1.04) {
            if ($over($kg) <= 0) {
                return Bisection::root($over, $kg / 1.04, $kg);
            }
        }

        return null;
    }

    /**
     * The fastest the boat may go over ground, in the sense it goes now, and stay vertical, m/s. Null when it is not
     * vertical even lying still.
     */
    public static function largestDriftMs(Body $body, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): ?float
    {
        $flow = $column->flow;
        $sense = $flow->boatMs < 0 ? -1.0 : 1.0;
        $limit = asinh(tan(deg2rad($limitDeg)));
        $over = static fn (float $drift): float => abs(
            Lean::of($body, $column->with(Flow::of($flow->surfaceMs, $sense * $drift, $flow->profile)))->psiSurface,
        ) - $limit;
        $last = null;
        for ($drift = 0.0; $drift <= self::MOST_DRIFT; $drift += 0.01) {
            if ($over($drift) <= 0) {
                $last = $drift;
            } elseif ($last !== null) {
                return Bisection::root($over, $last, $drift);
            }
        }

        return $last;
    }

    /**
     * How the boat would have to go over ground, m/s along the current, for this lure to stay vertical: the nearest to how it
     * goes now, found by letting it go more and more with the water. Null where not even going quite with it helps.
     */
    public static function driftThatHolds(Body $body, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): ?float
    {
        $flow = $column->flow;
        $with = $flow->mean() + $flow->boatMs;
        $steps = (int) ceil(abs($with - $flow->boatMs) / 0.01);
        for ($i = 0; $i <= $steps; $i++) {
            $boat = $flow->boatMs + ($steps === 0 ? 0.0 : ($with - $flow->boatMs) * $i / $steps);
            if (self::isVertical($body, $column->with(Flow::of($flow->surfaceMs, $boat, $flow->profile)), $limitDeg)) {
                return $boat;
            }
        }

        return null;
    }

    /** The thickest line that stays vertical, m; null when even 0.05 mm does not; 1 mm at most. */
    public static function thickestLineM(Body $body, WaterColumn $column, float $limitDeg = Constants::VERTICAL_LIMIT_DEG): ?float
    {
        $limit = asinh(tan(deg2rad($limitDeg)));
        $over = static fn (float $diameter): float => abs(
            Lean::of($body, $column->withLine($diameter))->psiSurface,
        ) - $limit;
        if ($over(0.00005) > 0) {
            return null;
        }

        return $over(0.001) <= 0 ? 0.001 : Bisection::root($over, 0.00005, 0.001);
    }
}
