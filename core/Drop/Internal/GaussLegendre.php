<?php

declare(strict_types=1);

namespace Eskith\Core\Drop\Internal;

/** Gauss–Legendre quadrature; nodes by Newton's method, kept for the run. */
final class GaussLegendre
{
    private const POINTS = 24;

    /** @var list<array{float, float}> node and weight on [−1, 1] */
    private static array $nodes = [];

    /** @param  callable(float): float  $integrand smooth on [from, to] */
    public static function integrate(callable $integrand, float $from, float $to): float
    {
        self::$nodes = self::$nodes ?: self::build(self::POINTS);
        $half = ($to - $from) / 2;
        $middle = ($to + $from) / 2;
        $sum = 0.0;
        foreach (self::$nodes as [$node, $weight]) {
            $sum += $weight * $integrand($middle + $half * $node);
        }

        return $sum * $half;
    }

    /** @return list<array{float, float}> */
    private static function build(int $points): array
    {
        $nodes = [];
        for ($i = 1; $i <= $points; $i++) {
            $x = cos(M_PI * ($i - 0.25) / ($points + 0.5));
            do {
                [$p, $previous] = [1.0, 0.0];
                for ($k = 1; $k <= $points; $k++) {
                    [$p, $previous] = [((2 * $k - 1) * $x * $p - ($k - 1) * $previous) / $k, $p];
                }
                $slope = $points * ($x * $p - $previous) / ($x * $x - 1);
                $step = $p / $slope;
                $x -= $step;
            } while (abs($step) > 1e-15);
            $nodes[] = [$x, 2 / ((1 - $x * $x) * $slope * $slope)];
        }

        return $nodes;
    }
}
