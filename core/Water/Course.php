<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** Which way a boat goes just now, from where a phone was in the last seconds; a boat that hardly moves has none. */
final readonly class Course
{
    /** s of fixes that are looked at, and that are needed. */
    private const OVER_S = 12.0;

    private const ENOUGH_S = 5.0;

    private const FEWEST = 4;

    /** m/s below which the strays of a phone are as large as the way. */
    private const SLOWEST_MS = 0.5;

    private function __construct(public float $towardDeg, public float $speedMs)
    {
    }

    /** @param  list<array{float, Position}>  $way  s and place, in order of time */
    public static function of(array $way): ?self
    {
        $now = $way === [] ? 0.0 : $way[count($way) - 1][0];
        $lately = array_values(array_filter($way, static fn (array $fix): bool => $now - $fix[0] <= self::OVER_S));
        if (count($lately) < self::FEWEST || $now - $lately[0][0] < self::ENOUGH_S) {
            return null;
        }
        [$before, $after] = array_chunk($lately, max(1, (int) ceil(count($lately) / 2)));
        [$from, $to] = [self::mean($before), self::mean($after)];
        $speed = $from[1]->distanceTo($to[1]) / max(1e-6, $to[0] - $from[0]);

        return $speed < self::SLOWEST_MS ? null : new self($from[1]->bearingTo($to[1]), $speed);
    }

    /**
     * @param  list<array{float, Position}>  $fixes
     * @return array{float, Position}
     */
    private static function mean(array $fixes): array
    {
        [$seconds, $east, $north] = [0.0, 0.0, 0.0];
        foreach ($fixes as [$second, $place]) {
            [$seconds, $east, $north] = [$seconds + $second, $east + $place->east, $north + $place->north];
        }
        $many = max(1, count($fixes));

        return [$seconds / $many, new Position($east / $many, $north / $many)];
    }
}
