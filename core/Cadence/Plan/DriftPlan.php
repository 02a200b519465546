<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;

/** Drifts over an area, lane beside lane, so that no part of it is passed by. Metres; bearings clockwise from north. */
final readonly class DriftPlan
{
    private const FAR_M = 1_000.0;

    /** m/s that a boat goes, at most. */
    private const FASTEST_MS = 15.0;

    /** @param  list<Lane>  $lanes  in the order in which they are drifted */
    private function __construct(public array $lanes, public float $driftedM, public float $motoredM, public float $minutes)
    {
    }

    /**
     * The area is cut into the fewest strips along the drift that are no wider than a lane; each connected part of it in each
     * strip has one lane, as short as covering the part allows.
     *
     * @param  float  $driftDeg  toward which the boat drifts
     * @param  float  $laneM  what is fished to both sides of the boat together
     *
     * @throws InvalidInput for a lane or a speed that cannot be
     */
    public static function of(Area $area, float $driftDeg, float $speedMs, float $laneM, float $motorMs): self
    {
        if (! (abs($driftDeg) <= 3600)) {
            throw InvalidInput::because('drift_deg', 'The drift goes toward a bearing, 0° to 360°.');
        }
        Limits::demand($laneM, self::FAR_M, 'lane_m', 'A lane is over 0 and up to 1000 m wide.');
        Limits::demand($speedMs, self::FASTEST_MS, 'speed_ms', 'The boat drifts at over 0 and under 15 m/s.');
        Limits::demand($motorMs, self::FASTEST_MS, 'motor_ms', 'The boat motors at over 0 and under 15 m/s.');
        $turned = RotatedFrame::of($driftDeg);
        $corners = array_map($turned->toDrift(...), $area->corners);
        $across = array_column($corners, 1);
        [$low, $high] = [min($across), max($across)];
        $count = Limits::parts($high - $low, $laneM, 'lane_m');
        $strips = [];
        for ($i = 0; $i < $count; $i++) {
            $parts = StripParts::of($corners, $low + $i * ($high - $low) / $count, $low + ($i + 1) * ($high - $low) / $count);
            $lanes = array_map(static fn (StripPart $part): array => $part->lane($laneM / 2), $parts);
            usort($lanes, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $strips[] = array_map(static fn (array $lane): Lane => new Lane(
                $turned->toMap($lane[0], $lane[2]), $turned->toMap($lane[1], $lane[2]),
            ), $lanes);
        }
        // From the side from which less has to be motored.
        [$there, $back] = [array_merge(...$strips), array_merge(...array_reverse($strips))];
        $lanes = self::motored($back) < self::motored($there) ? $back : $there;
        $drifted = array_sum(array_map(static fn (Lane $lane): float => $lane->lengthM(), $lanes));
        $motored = self::motored($lanes);

        return new self($lanes, $drifted, $motored, ($drifted / $speedMs + $motored / $motorMs) / 60);
    }

    /** @param  list<Lane>  $lanes */
    private static function motored(array $lanes): float
    {
        $way = 0.0;
        for ($i = 1; $i < count($lanes); $i++) {
            $way += $lanes[$i - 1]->end->distanceTo($lanes[$i]->start);
        }

        return $way;
    }
}
