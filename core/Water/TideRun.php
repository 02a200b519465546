<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/**
 * How a tide runs past a stand. The current goes with dh/dt, so that its greatest of the day is what the angler measured; the
 * flood runs toward a bearing and the ebb back.
 */
final readonly class TideRun
{
    /** Share of the day's greatest current from which it runs well, and below which the water stands. Estimates. */
    public const RUNS = 0.5;

    public const STANDS = 0.15;

    /** h for which the day's greatest is looked at, to each side, and between two looks. */
    private const AROUND_H = 12.5;

    private const LOOK_H = 0.25;

    /**
     * @param  float|null  $fastestMs  m/s, the greatest that the angler measured here; null where none was
     * @param  float|null  $floodDeg  toward which the flood runs; null where nobody said
     */
    public function __construct(private Tide $tide, private ?float $fastestMs = null, private ?float $floodDeg = null)
    {
    }

    /** Of the day's greatest: 1 at its strongest flood, −1 at the ebb, 0 at slack. */
    public function share(float $hours): float
    {
        return $this->shareOf($hours, $this->greatestMH($hours - self::AROUND_H, $hours + self::AROUND_H));
    }

    /** m an hour that it rises or falls at the most within a time. */
    private function greatestMH(float $fromH, float $toH): float
    {
        $greatest = 0.0;
        for ($at = $fromH; $at <= $toH; $at += self::LOOK_H) {
            $greatest = max($greatest, abs($this->tide->risingMH($at)));
        }

        return $greatest;
    }

    private function shareOf(float $hours, float $greatestMH): float
    {
        return $greatestMH < 1e-9 ? 0.0 : max(-1.0, min(1.0, $this->tide->risingMH($hours) / $greatestMH));
    }

    /** m/s, the flood above 0; null while no greatest was measured */
    public function currentMs(float $hours): ?float
    {
        return $this->fastestMs === null ? null : $this->fastestMs * $this->share($hours);
    }

    /** Whether it runs away from who faces so, degrees; null at slack, across, and where the flood's bearing is not known. */
    public function runsAway(float $hours, ?float $facingDeg): ?bool
    {
        $share = $this->share($hours);
        if ($facingDeg === null || $this->floodDeg === null || abs($share) < self::STANDS) {
            return null;
        }
        $away = cos(deg2rad($this->floodDeg - $facingDeg)) * ($share <=> 0.0);

        return abs($away) < 0.3 ? null : $away > 0.0;
    }

    /**
     * When it runs well, by the greatest of that time.
     *
     * @return list<array{float, float, bool}> from and to, hours, and whether it is the flood
     */
    public function spans(float $fromH, float $toH): array
    {
        $spans = [];
        $greatest = $this->greatestMH($fromH, $toH);
        for ($at = $fromH; $at < $toH - 1e-9; $at += self::LOOK_H) {
            $share = $this->shareOf($at + self::LOOK_H / 2, $greatest);
            if (abs($share) < self::RUNS) {
                continue;
            }
            $last = count($spans) - 1;
            if ($last >= 0 && $spans[$last][1] >= $at - 1e-9 && $spans[$last][2] === $share > 0.0) {
                $spans[$last][1] = min($toH, $at + self::LOOK_H);
            } else {
                $spans[] = [$at, min($toH, $at + self::LOOK_H), $share > 0.0];
            }
        }

        return $spans;
    }
}
