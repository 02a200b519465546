<?php

declare(strict_types=1);

namespace Eskith\Core\Record\Internal;

/** Incomplete gamma and beta functions and their quantiles (series and continued fractions, Abramowitz and Stegun 6.5, 26.5). */
final class Special
{
    private const NOTHING = 1e-20;

    /** Share of itself to which a quantile is found. */
    private const NEAR = 1e-13;

    /** What stands for 0 under a fraction. */
    private const AWAY = 1e-300;

    /** ln Γ(x), Lanczos' approximation, x > 0. */
    public static function logGamma(float $x): float
    {
        $terms = [
            676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905,
            -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
        ];
        if ($x < 0.5) {
            return log(M_PI / sin(M_PI * $x)) - self::logGamma(1 - $x);
        }
        $sum = 0.99999999999980993;
        foreach ($terms as $i => $term) {
            $sum += $term / ($x + $i);
        }
        $t = $x + 6.5;

        return 0.5 * log(2 * M_PI) + ($x - 0.5) * log($t) - $t + log($sum);
    }

    /**
     * Share of a Gamma(shape, 1) below x.
     *
     * @param  float|null  $logGamma  of the shape, for who asks often
     */
    public static function gammaShare(float $x, float $shape, ?float $logGamma = null): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        $front = exp($shape * log($x) - $x - ($logGamma ?? self::logGamma($shape)));
        // So far from the middle of it nothing is left that a number could tell.
        if ($front < self::NOTHING) {
            return $x < $shape ? 0.0 : 1.0;
        }
        if ($x < $shape + 1) {
            $term = 1 / $shape;
            $sum = $term;
            for ($n = 1; $n < 2000 && abs($term) > 1e-16 * abs($sum); $n++) {
                $term *= $x / ($shape + $n);
                $sum += $term;
            }

            return min(1.0, $front * $sum);
        }
        $b = $x + 1 - $shape;
        $c = 1e300;
        $d = 1 / $b;
        $h = $d;
        for ($i = 1; $i < 2000; $i++) {
            $an = -$i * ($i - $shape);
            $b += 2;
            $d = $an * $d + $b;
            $d = 1 / ($d === 0.0 ? self::AWAY : $d);
            $c = $b + $an / $c;
            $c = $c === 0.0 ? self::AWAY : $c;
            $step = $c * $d;
            $h *= $step;
            if ($step - 1 < 1e-15 && $step - 1 > -1e-15) {
                break;
            }
        }

        return max(0.0, 1 - $front * $h);
    }

    /** Share of a Beta(a, b) below x. */
    public static function betaShare(float $x, float $a, float $b): float
    {
        if ($x <= 0) {
            return 0.0;
        }
        if ($x >= 1) {
            return 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log(1 - $x));

        return $x < ($a + 1) / ($a + $b + 2)
            ? $front * self::betaFraction($x, $a, $b) / $a
            : 1 - $front * self::betaFraction(1 - $x, $b, $a) / $b;
    }

    /** By Newton's steps, halving where one would leave what is known to hold it. */
    public static function gammaQuantile(float $share, float $shape): float
    {
        $logGamma = self::logGamma($shape);
        $low = 0.0;
        $high = $shape + 1.0;
        while (self::gammaShare($high, $shape, $logGamma) < $share) {
            $low = $high;
            $high *= 2;
        }
        $x = $low === 0.0 ? min($shape, $high / 2) : ($low + $high) / 2;
        for ($i = 0; $i < 200 && $high - $low > self::NEAR * $high; $i++) {
            $off = self::gammaShare($x, $shape, $logGamma) - $share;
            [$low, $high] = $off < 0 ? [$x, $high] : [$low, $x];
            $density = exp(($shape - 1) * log($x) - $x - $logGamma);
            $next = $density > 0.0 ? $x - $off / $density : -1.0;
            if (! ($next > $low && $next < $high)) {
                $next = ($low + $high) / 2;
            } elseif (abs($next - $x) <= self::NEAR * $x) {
                return $next;
            }
            $x = $next;
        }

        return ($low + $high) / 2;
    }

    public static function betaQuantile(float $share, float $a, float $b): float
    {
        return self::invert(static fn (float $x): float => self::betaShare($x, $a, $b) - $share, 1.0);
    }

    /** @param  callable(float): float  $f rising from below 0 at 0 */
    private static function invert(callable $f, float $high): float
    {
        $low = 0.0;
        for ($i = 0; $i < 200 && $high - $low > self::NEAR * $high; $i++) {
            $middle = ($low + $high) / 2;
            if ($f($middle) < 0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    private static function betaFraction(float $x, float $a, float $b): float
    {
        $c = 1.0;
        $d = 1 / self::away(1 - ($a + $b) * $x / ($a + 1));
        $h = $d;
        for ($m = 1; $m < 2000; $m++) {
            $even = $m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m));
            $d = 1 / self::away(1 + $even * $d);
            $c = self::away(1 + $even / $c);
            $h *= $d * $c;
            $odd = -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1));
            $d = 1 / self::away(1 + $odd * $d);
            $c = self::away(1 + $odd / $c);
            $step = $d * $c;
            $h *= $step;
            if (abs($step - 1) < 1e-15) {
                break;
            }
        }

        return $h;
    }

    /** Keeps Lentz's method away from 0. */
    private static function away(float $value): float
    {
        return abs($value) < self::AWAY ? self::AWAY : $value;
    }
}
