<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

use Eskith\Core\Record\Internal\Special;
use Eskith\Core\Units\InvalidInput;

/**
 * How the record enters the choice: a multiplier for each level of family, weight, finish, hole and cadence beside what the
 * rules expect, each outing with one of its own, so that a good day does not speak for a lure.
 */
final readonly class Learning
{
    public const FACTORS = ['family', 'weight_step', 'finish', 'hole', 'cadence'];

    /** Expected touches go with e^(0.25 points). */
    private const PER_POINT = 0.25;

    /** Touches that stand for the rules being right. */
    private const PRIOR = 5.0;

    /** A level moves the rate no farther than this either way. */
    private const FARTHEST = 2.0;

    /** The same of an outing. */
    private const OUTING_PRIOR = 1.0;

    private const OUTING_FARTHEST = 8.0;

    private const SWEEPS = 100;

    private const STILL = 1e-12;

    /** @param  list<Level>  $levels  by factor in their order, then by name */
    public function __construct(public float $rate, public array $levels, public float $meanOuting)
    {
    }

    /**
     * @param  list<LearningSample>  $rows
     *
     * @throws InvalidInput for touches, hours or weights below nothing
     */
    public static function of(array $rows): self
    {
        foreach ($rows as $row) {
            if (min($row->hours, $row->touches, $row->weight) < 0.0 || abs($row->points) > 100.0) {
                throw InvalidInput::because('rows', 'Hours, bites and weights are 0 or more, points within 100.');
            }
        }
        $rows = array_values(array_filter($rows, static fn (LearningSample $row): bool => $row->weight > 0.0));
        $expected = array_map(
            static fn (LearningSample $row): float => $row->weight * $row->hours * exp(self::PER_POINT * $row->points), $rows,
        );
        $touched = array_map(static fn (LearningSample $row): float => $row->weight * $row->touches, $rows);
        $rate = (1 + array_sum($touched)) / (1 + array_sum($expected));
        $places = self::places($rows);
        $multipliers = array_map(static fn (array $levels): array => array_map(static fn (): float => 1.0, $levels), $places);
        $product = array_fill(0, count($rows), $rate);
        for ($sweep = 0; $sweep < self::SWEEPS; $sweep++) {
            $moved = 0.0;
            foreach ($places as $factor => $levels) {
                [$prior, $farthest] = $factor === 'outing' ? [self::OUTING_PRIOR, self::OUTING_FARTHEST] : [self::PRIOR, self::FARTHEST];
                foreach ($levels as $level => $of) {
                    $was = $multipliers[$factor][$level];
                    [$o, $e] = self::seen($of, $touched, $expected, $product, $was);
                    $is = max(1 / $farthest, min($farthest, ($prior + $o) / ($prior + $e)));
                    $moved = max($moved, abs($is - $was));
                    $multipliers[$factor][$level] = $is;
                    foreach ($of as $i) {
                        $product[$i] *= $is / $was;
                    }
                }
            }
            if ($moved < self::STILL) {
                break;
            }
        }

        return new self(
            $rate, self::levels($rows, $places, $multipliers, $touched, $expected, $product),
            $multipliers['outing'] === [] ? 1.0 : array_sum($multipliers['outing']) / count($multipliers['outing']),
        );
    }

    /**
     * @param  list<LearningSample>  $rows
     * @return array<string, array<string|int, non-empty-list<int>>> by factor and level, the rows of it
     */
    private static function places(array $rows): array
    {
        $places = ['outing' => [], ...array_fill_keys(self::FACTORS, [])];
        foreach ($rows as $i => $row) {
            $places['outing'][$row->outing][] = $i;
            foreach (self::FACTORS as $factor) {
                if (isset($row->levels[$factor])) {
                    $places[$factor][$row->levels[$factor]][] = $i;
                }
            }
        }

        return $places;
    }

    /**
     * Touches seen, and those expected by everything but the level itself.
     *
     * @param  non-empty-list<int>  $of
     * @param  list<float>  $touched
     * @param  list<float>  $expected
     * @param  array<int, float>  $product  rate and all multipliers of each row
     * @return array{float, float}
     */
    private static function seen(array $of, array $touched, array $expected, array $product, float $multiplier): array
    {
        $o = $e = 0.0;
        foreach ($of as $i) {
            $o += $touched[$i];
            $e += $expected[$i] * $product[$i] / $multiplier;
        }

        return [$o, $e];
    }

    /**
     * Only what is clear speaks, and with its careful end.
     *
     * @param  list<LearningSample>  $rows
     * @param  array<string, array<string|int, non-empty-list<int>>>  $places
     * @param  array<string, array<string|int, float>>  $multipliers
     * @param  list<float>  $touched
     * @param  list<float>  $expected
     * @param  array<int, float>  $product
     * @return list<Level>
     */
    private static function levels(
        array $rows, array $places, array $multipliers, array $touched, array $expected, array $product,
    ): array {
        $found = [];
        foreach (self::FACTORS as $factor) {
            ksort($places[$factor], SORT_STRING);
            foreach ($places[$factor] as $level => $of) {
                [$o, $e] = self::seen($of, $touched, $expected, $product, $multipliers[$factor][$level]);
                $bound = static fn (float $share): float => max(1 / self::FARTHEST, min(
                    self::FARTHEST, Special::gammaQuantile($share, self::PRIOR + $o) / (self::PRIOR + $e),
                ));
                [$low, $high] = [$bound(0.1), $bound(0.9)];
                $found[] = new Level(
                    factor: $factor,
                    level: (string) $level,
                    multiplier: $multipliers[$factor][$level],
                    low: $low,
                    high: $high,
                    points: $low > 1.0 ? log($low) / self::PER_POINT : ($high < 1.0 ? log($high) / self::PER_POINT : 0.0),
                    touches: array_sum(array_map(static fn (int $i): float => $rows[$i]->touches, $of)),
                    hours: array_sum(array_map(static fn (int $i): float => $rows[$i]->hours, $of)),
                );
            }
        }

        return $found;
    }
}
