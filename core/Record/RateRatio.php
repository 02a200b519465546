<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Record\Internal\Special;
use Eskith\Core\Units\InvalidInput;

/** Two things compared within the same outings, so that good days do not speak for one: Mantel–Haenszel rate ratio. */
final readonly class RateRatio
{
    /** Left out at either end of the 80 % interval. */
    private const TAIL = 0.1;

    /** Of a sum, what is left of it by rounding alone. */
    private const NOTHING = 1e-12;

    /**
     * @param  int  $outings  those in which both were fished
     * @param  float|null  $ratio  of the first to the second; null without touches on both sides
     */
    private function __construct(public int $outings, public ?float $ratio, public ?float $low, public ?float $high)
    {
    }

    /**
     * @param  list<array{float, float, float, float}>  $outings  touches and hours of the first, then of the second
     *
     * @throws InvalidInput for touches or hours below nothing
     */
    public static function of(array $outings): self
    {
        foreach ($outings as $outing) {
            if (min($outing) < 0.0) {
                throw InvalidInput::because('outings', 'Bites and hours of an outing are 0 or more.');
            }
        }
        $used = array_values(array_filter($outings, static fn (array $one): bool => $one[1] > 0.0 && $one[3] > 0.0));
        $first = array_sum(array_column($used, 0));
        $second = array_sum(array_column($used, 2));
        $hours = array_sum(array_column($used, 3)) / max(1e-300, array_sum(array_column($used, 1)));
        $bound = static fn (float $touches): float => self::TAIL ** (1 / $touches);

        return match (true) {
            $used === [] || $first + $second <= 0.0 => new self(count($used), null, null, null),
            $second <= 0.0 => new self(count($used), null, $bound($first) / (1 - $bound($first)) * $hours, null),
            $first <= 0.0 => new self(count($used), null, null, (1 - $bound($second)) / $bound($second) * $hours),
            default => self::compared($used),
        };
    }

    /** @param  non-empty-list<array{float, float, float, float}>  $used */
    private static function compared(array $used): self
    {
        [$p, $q] = self::sums($used);
        $ratio = $p / $q;
        $count = count($used);
        // Greenland and Robins 1985.
        $variance = array_sum(array_map(
            static fn (array $one): float => ($one[0] + $one[2]) * $one[1] * $one[3] / ($one[1] + $one[3]) ** 2, $used,
        )) / ($p * $q);
        if ($count > 1) {
            $squares = array_sum(array_map(static fn (array $one): float => self::moved($one, $p, $q) ** 2, $used));
            $variance = max($variance, ($count - 1) / $count * $squares);
        }
        $reach = self::student(max(1, $count - 1)) * sqrt($variance);

        return new self($count, $ratio, $ratio * exp(-$reach), $ratio * exp($reach));
    }

    /**
     * By how much the logarithm of the ratio moves when an outing is left out (jackknife).
     *
     * @param  array{float, float, float, float}  $without
     * @param  float  $p  Σ a T₂/T of all
     * @param  float  $q  Σ b T₁/T of all
     */
    private static function moved(array $without, float $p, float $q): float
    {
        [$a, $t1, $b, $t2] = $without;
        $left = $p - $a * $t2 / ($t1 + $t2);
        $right = $q - $b * $t1 / ($t1 + $t2);

        return $left <= self::NOTHING * $p || $right <= self::NOTHING * $q
            ? ($a * $t2 - $p / $q * $b * $t1) / (($t1 + $t2) * $p)
            : log($left / $right) - log($p / $q);
    }

    /**
     * @param  array<int, array{float, float, float, float}>  $outings
     * @return array{float, float} Σ a T₂/T and Σ b T₁/T
     */
    private static function sums(array $outings): array
    {
        $p = $q = 0.0;
        foreach ($outings as [$a, $t1, $b, $t2]) {
            $p += $a * $t2 / ($t1 + $t2);
            $q += $b * $t1 / ($t1 + $t2);
        }

        return [$p, $q];
    }

    /** The 90 % quantile of Student's t. */
    private static function student(int $free): float
    {
        $x = Special::betaQuantile(2 * self::TAIL, $free / 2, 0.5);

        return sqrt($free * (1 - $x) / $x);
    }
}
