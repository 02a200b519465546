<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Record\Internal\Special;
use Eskith\Core\Units\InvalidInput;

/**
 * Bites per rod-hour of several groups of outings, and the chance of each to be the greatest. Touches come in clusters and
 * days differ: the spread is measured and widens what is said.
 */
final readonly class BestRate
{
    /** rod-hours that the overall rate stands for. */
    private const PRIOR_H = 2.0;

    /** The spread before anything is known: 3 with the weight of four outings. */
    private const PRIOR_SPREAD = 12.0;

    private const PRIOR_DF = 4.0;

    /** Places at which the chances are summed. */
    private const GRID = 3_000;

    /** Share of the greatest that is left out above. */
    private const LEFT_OUT = 1e-7;

    /**
     * @param  list<Rates>  $rates  of each group, in the order given
     * @param  list<float>  $chances  of each to be the greatest
     */
    private function __construct(public float $overall, public float $dispersion, public array $rates, public array $chances)
    {
    }

    /**
     * @param  list<list<array{float, float}>>  $groups  of each group its outings: touches and hours
     *
     * @throws InvalidInput for touches or hours below nothing
     */
    public static function of(array $groups): self
    {
        $sums = array_map(self::sums(...), $groups);
        $touches = array_sum(array_column($sums, 0));
        $overall = ($touches + 1) / (array_sum(array_column($sums, 1)) + 1);
        $spread = self::dispersion($groups, $sums);
        $posteriors = array_map(static fn (array $sum): array => [
            self::PRIOR_H * $overall + $sum[0] / $spread, self::PRIOR_H + $sum[1] / $spread,
        ], $sums);

        return new self(
            $overall, $spread, array_map(static fn (array $one): Rates => Rates::gamma($one[0], $one[1]), $posteriors),
            self::chances($posteriors),
        );
    }

    /**
     * @param  list<array{float, float}>  $outings
     * @return array{float, float}
     */
    private static function sums(array $outings): array
    {
        foreach ($outings as [$touches, $hours]) {
            if (! ($touches >= 0.0 && $hours >= 0.0)) {
                throw InvalidInput::because('outings', 'Bites and hours of an outing are 0 or more.');
            }
        }

        return [(float) array_sum(array_column($outings, 0)), (float) array_sum(array_column($outings, 1))];
    }

    /**
     * @param  list<list<array{float, float}>>  $groups
     * @param  list<array{float, float}>  $sums
     */
    private static function dispersion(array $groups, array $sums): float
    {
        $square = 0.0;
        $free = 0;
        foreach ($groups as $i => $outings) {
            [$touches, $hours] = $sums[$i];
            if ($touches <= 0.0 || $hours <= 0.0) {
                continue;
            }
            $fished = array_filter($outings, static fn (array $outing): bool => $outing[1] > 0.0);
            foreach ($fished as [$n, $t]) {
                $expected = $touches / $hours * $t;
                $square += ($n - $expected) ** 2 / $expected;
            }
            $free += count($fished) - 1;
        }

        return max(1.0, ($square + self::PRIOR_SPREAD) / ($free + self::PRIOR_DF));
    }

    /**
     * ∫ f_i Π F_j over the rate, summed over a grid that is finer near nothing.
     *
     * @param  list<array{float, float}>  $posteriors  shape and rate
     * @return list<float>
     */
    private static function chances(array $posteriors): array
    {
        if (count($posteriors) < 2) {
            return array_map(static fn (): float => 1.0, $posteriors);
        }
        $end = max(array_map(static fn (array $one): float => Special::gammaQuantile(1 - self::LEFT_OUT, $one[0]) / $one[1], $posteriors));
        $chances = array_fill(0, count($posteriors), 0.0);
        $before = array_fill(0, count($posteriors), 0.0);
        $logGammas = array_map(static fn (array $one): float => Special::logGamma($one[0]), $posteriors);
        for ($k = 1; $k <= self::GRID; $k++) {
            $x = $end * ($k / self::GRID) ** 2;
            $now = [];
            foreach ($posteriors as $i => [$shape, $rate]) {
                $now[] = $before[$i] >= 1.0 ? 1.0 : Special::gammaShare($x * $rate, $shape, $logGammas[$i]);
            }
            foreach ($posteriors as $i => $ignored) {
                $others = 1.0;
                foreach ($now as $j => $share) {
                    $others *= $j === $i ? 1.0 : ($share + $before[$j]) / 2;
                }
                $chances[$i] += ($now[$i] - $before[$i]) * $others;
            }
            $before = $now;
        }
        $sum = array_sum($chances);

        return array_values(array_map(static fn (float $chance): float => $chance / $sum, $chances));
    }
}
