<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/**
 * How a boat drifts, from where it was: least squares of its position against time over the last minutes, with what the
 * scatter of the fixes leaves open. Neighbouring fixes err alike, so that counts for fewer than there are.
 */
final readonly class DriftFit
{
    /** s that are looked at, and s that are needed. */
    public const LONGEST_S = 180.0;

    public const SHORTEST_S = 60.0;

    /** s without a fix after which it begins anew. */
    private const GAP_S = 15.0;

    /** m/s above which it is under way, told over s. */
    private const UNDER_WAY_MS = 2.0;

    private const OVER_S = 15.0;

    /** Standard errors, and m/s, by which two halves must differ for a turn. */
    private const TURN_ERRORS = 3.5;

    private const TURN_MS = 0.05;

    /** Standard errors either way that hold the truth nine times in ten. */
    private const NINE_IN_TEN = 1.645;

    /** Fixes below which nothing is fitted. */
    private const FEWEST = 12;

    /**
     * @param  float  $speedMs  over ground
     * @param  float|null  $towardDeg  from north by east; null where it may as well lie still
     * @param  float  $withinMs  the truth lies so near nine times in ten
     * @param  float|null  $withinDeg  the same of the direction
     * @param  float  $seconds  that it was fitted over
     */
    private function __construct(
        public float $speedMs,
        public ?float $towardDeg,
        public float $withinMs,
        public ?float $withinDeg,
        public float $seconds,
    ) {
    }

    /**
     * @param  list<array{float, Position}>  $fixes  s and place, in order of time
     * @return self|null null while it is under way, or has drifted too short a while since
     */
    public static function of(array $fixes): ?self
    {
        $run = self::sinceUnderWay(self::last($fixes));
        while (self::secondsOf($run) >= self::SHORTEST_S && count($run) >= self::FEWEST) {
            if (! self::turns($run)) {
                return self::fitted($run);
            }
            // What it did before the turn is not what it does now.
            $run = array_slice($run, intdiv(count($run), 3));
        }

        return null;
    }

    /**
     * s of drift that there are by now, of those that are needed.
     *
     * @param  list<array{float, Position}>  $fixes
     */
    public static function secondsSoFar(array $fixes): float
    {
        return self::secondsOf(self::sinceUnderWay(self::last($fixes)));
    }

    /**
     * Those of the last minutes, after the last gap.
     *
     * @param  list<array{float, Position}>  $fixes
     * @return list<array{float, Position}>
     */
    private static function last(array $fixes): array
    {
        $end = $fixes[count($fixes) - 1][0] ?? 0.0;
        $kept = [];
        foreach ($fixes as $fix) {
            $before = $kept[count($kept) - 1][0] ?? null;
            if ($fix[0] < $end - self::LONGEST_S || ($before !== null && $fix[0] <= $before)) {
                continue;
            }
            $kept = $before !== null && $fix[0] - $before > self::GAP_S ? [] : $kept;
            $kept[] = $fix;
        }

        return $kept;
    }

    /**
     * @param  list<array{float, Position}>  $fixes
     * @return list<array{float, Position}>
     */
    private static function sinceUnderWay(array $fixes): array
    {
        $from = 0;
        $before = 0;
        foreach ($fixes as $i => [$at, $place]) {
            while ($before < $i && $fixes[$before + 1][0] <= $at - self::OVER_S) {
                $before++;
            }
            $over = $at - $fixes[$before][0];
            if ($over >= self::OVER_S && $fixes[$before][1]->distanceTo($place) / $over > self::UNDER_WAY_MS) {
                $from = $i + 1;
            }
        }

        return array_slice($fixes, $from);
    }

    /** @param  list<array{float, Position}>  $fixes */
    private static function secondsOf(array $fixes): float
    {
        return $fixes === [] ? 0.0 : $fixes[count($fixes) - 1][0] - $fixes[0][0];
    }

    /**
     * Whether its second half goes elsewhere than its first.
     *
     * @param  list<array{float, Position}>  $fixes
     */
    private static function turns(array $fixes): bool
    {
        $half = intdiv(count($fixes), 2);
        [$first, $second] = [self::velocity(array_slice($fixes, 0, $half)), self::velocity(array_slice($fixes, $half))];
        $apart = hypot($second[0] - $first[0], $second[1] - $first[1]);

        return $apart > self::TURN_MS && $apart > self::TURN_ERRORS * hypot($first[2], $second[2]);
    }

    /** @param  list<array{float, Position}>  $fixes */
    private static function fitted(array $fixes): self
    {
        [$east, $north, $error] = self::velocity($fixes);
        $speed = hypot($east, $north);
        $goes = $speed > self::NINE_IN_TEN * $error;

        return new self(
            speedMs: $speed,
            towardDeg: $goes ? fmod(rad2deg(atan2($east, $north)) + 360.0, 360.0) : null,
            withinMs: self::NINE_IN_TEN * $error,
            withinDeg: $goes ? rad2deg(atan2(self::NINE_IN_TEN * $error, $speed)) : null,
            seconds: self::secondsOf($fixes),
        );
    }

    /**
     * @param  list<array{float, Position}>  $fixes
     * @return array{float, float, float} m/s east and north, and the standard error of either
     */
    private static function velocity(array $fixes): array
    {
        $count = count($fixes);
        $times = array_column($fixes, 0);
        $mean = array_sum($times) / $count;
        $spread = array_sum(array_map(static fn (float $at): float => ($at - $mean) ** 2, $times));
        $slopes = $squares = $neighbours = [];
        foreach ([
            array_map(static fn (array $fix): float => $fix[1]->east, $fixes),
            array_map(static fn (array $fix): float => $fix[1]->north, $fixes),
        ] as $places) {
            $middle = array_sum($places) / $count;
            $slope = array_sum(array_map(
                static fn (float $at, float $place): float => ($at - $mean) * ($place - $middle), $times, $places,
            )) / $spread;
            $left = array_map(static fn (float $at, float $place): float => $place - $middle - $slope * ($at - $mean), $times, $places);
            $slopes[] = $slope;
            $squares[] = array_sum(array_map(static fn (float $one): float => $one ** 2, $left));
            $neighbours[] = array_sum(array_map(
                static fn (float $one, float $next): float => $one * $next, array_slice($left, 0, -1), array_slice($left, 1),
            ));
        }
        $alike = array_sum($squares) > 0.0 ? max(0.0, min(0.95, array_sum($neighbours) / array_sum($squares))) : 0.0;
        $variance = array_sum($squares) / (2 * max(1, $count - 2)) * (1 + $alike) / (1 - $alike);

        return [$slopes[0], $slopes[1], sqrt($variance / $spread)];
    }
}
