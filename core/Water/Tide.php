<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/** The tide of a water as a sum of waves: h(t) = mean + Σ amplitude cos(speed·t − phase), hours since the water's own epoch. */
final readonly class Tide
{
    /** h that turns are looked for in, at most: more than a year. */
    private const LONGEST_H = 10_000.0;

    /** Looks at the slope in the shortest wave, and h between two looks at the most. */
    private const LOOKS = 48;

    private const FARTHEST_H = 0.25;

    private const MOST = 64;

    /** @param  list<TideWave>  $waves */
    private function __construct(private float $meanM, private array $waves)
    {
    }

    /**
     * @param  list<TideWave>  $waves
     *
     * @throws InvalidInput for a wave that cannot be
     */
    public static function of(float $meanM, array $waves): self
    {
        if (count($waves) > self::MOST) {
            throw InvalidInput::because('constituents', 'At most {most} waves make up a tide.', most: self::MOST);
        }
        foreach ($waves as $wave) {
            if (! ($wave->amplitudeM >= 0.0 && $wave->amplitudeM <= 30.0)) {
                throw InvalidInput::because('constituents', 'The amplitude of a wave lies between 0 and 30 m.');
            }
            if (! ($wave->speedDegH >= 0.0 && $wave->speedDegH <= 360.0)) {
                throw InvalidInput::because('constituents', 'The speed of a wave lies between 0° and 360° an hour.');
            }
        }

        return new self($meanM, $waves);
    }

    /** m */
    public function heightM(float $hours): float
    {
        return $this->meanM + array_sum(array_map(
            static fn (TideWave $wave): float => $wave->amplitudeM * cos(deg2rad($wave->speedDegH * $hours - $wave->phaseDeg)),
            $this->waves,
        ));
    }

    /** dh/dt, m an hour; the current goes with it. */
    public function risingMH(float $hours): float
    {
        return -array_sum(array_map(static fn (TideWave $wave): float => $wave->amplitudeM * deg2rad($wave->speedDegH)
            * sin(deg2rad($wave->speedDegH * $hours - $wave->phaseDeg)), $this->waves));
    }

    /**
     * High and low water, strictly within a time.
     *
     * @return list<TideTurn> in order
     *
     * @throws InvalidInput for a time that ends before it begins, or is too long
     */
    public function turns(float $fromH, float $toH): array
    {
        if (! ($toH >= $fromH && $toH - $fromH <= self::LONGEST_H)) {
            throw InvalidInput::because(
                'to_h', 'Turns are told for up to {hours} hours, from the earlier to the later.', hours: self::LONGEST_H,
            );
        }
        $fastest = max([0.0, ...array_map(
            static fn (TideWave $wave): float => $wave->amplitudeM > 0.0 ? $wave->speedDegH : 0.0, $this->waves,
        )]);
        if ($fastest <= 0.0) {
            return [];
        }
        $steps = max(1, (int) ceil(($toH - $fromH) / min(self::FARTHEST_H, 360.0 / $fastest / self::LOOKS)));
        $turns = [];
        // The last look at which it was not just turning.
        [$seen, $before] = [$fromH, 0];
        for ($i = 0; $i <= $steps; $i++) {
            $at = $fromH + ($toH - $fromH) * $i / $steps;
            $now = $this->risingMH($at) <=> 0.0;
            if ($now === 0) {
                continue;
            }
            if ($before !== 0 && $now !== $before) {
                $turn = $this->crossing($seen, $at, $before > 0);
                if ($turn > $fromH && $turn < $toH) {
                    $turns[] = new TideTurn($turn, $this->heightM($turn), $before > 0);
                }
            }
            [$seen, $before] = [$at, $now];
        }

        return $turns;
    }

    /** Where the slope changes its sign, halved down. */
    private function crossing(float $low, float $high, bool $falls): float
    {
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $rising = $this->risingMH($middle);
            ($falls ? $rising > 0.0 : $rising < 0.0) ? $low = $middle : $high = $middle;
        }

        return ($low + $high) / 2;
    }
}
