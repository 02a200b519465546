<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\Constants;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Water;

/**
 * Which weight where: for each depth and drift the lightest weight that stays vertical. Works on bare arrays inside,
 * since it fills thousands of cells while somebody drags a slider.
 */
final readonly class WeightChart
{
    /**
     * @param  list<float>  $depthsM
     * @param  list<float>  $driftsMs
     * @param  list<Body>  $bodies  lightest first
     * @param  list<list<int|null>>  $lightest  [depth][drift] → index into bodies, null when none stays vertical
     */
    private function __construct(
        public array $depthsM,
        public array $driftsMs,
        public array $bodies,
        public array $lightest,
    ) {
    }

    /**
     * @param  list<float>  $depthsM
     * @param  list<float>  $driftsMs  boat over ground, signed like the current
     * @param  list<Body>  $bodies
     * @param  float|null  $fishDepthM  m below the surface at which fish hang; null for the bottom
     */
    public static function of(
        array $depthsM,
        array $driftsMs,
        array $bodies,
        float $lineDiameterM,
        float $surfaceCurrentMs,
        Profile $profile,
        Water $water,
        float $limitDeg = Constants::VERTICAL_LIMIT_DEG,
        ?float $fishDepthM = null,
    ): self {
        usort($bodies, static fn (Body $a, Body $b): int => $a->massKg <=> $b->massKg);
        $limit = asinh(tan(deg2rad($limitDeg)));
        $weights = [];
        $plates = [];
        foreach ($bodies as $body) {
            $weights[] = $body->netWeightN($water);
            $plates[] = 0.5 * $water->densityKgM3 * $body->family->definition()->dragAcross * $body->areaM2;
        }
        $count = count($bodies);
        $lightest = array_fill(0, count($depthsM), []);
        foreach ($driftsMs as $drift) {
            $flow = Flow::of($surfaceCurrentMs, $drift, $profile);
            foreach ($depthsM as $row => $depth) {
                $column = WaterColumn::of(
                    $depth, $lineDiameterM, $flow, $water, $fishDepthM === null ? null : min($fishDepthM, $depth),
                );
                // On the bottom the same at every depth.
                $lineDrag = $column->hung
                    ? $column->dragPerM * $column->pushUpTo(1.0)
                    : $lineDrag ?? $column->dragPerM * $flow->pushUpTo(1.0);
                $u = $column->atLureMs;
                $square = $u * abs($u);
                $sum = $lineDrag * $depth;
                $found = null;
                for ($i = $count - 1; $i >= 0; $i--) {
                    $push = $plates[$i] * $square;
                    $weight = $weights[$i];
                    if (abs(asinh($push / $weight) + $sum / sqrt($weight * $weight + $push * $push)) <= $limit) {
                        $found = $i;
                    }
                }
                $lightest[$row][] = $found;
            }
            unset($lineDrag);
        }

        return new self($depthsM, $driftsMs, $bodies, $lightest);
    }
}
