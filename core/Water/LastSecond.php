<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** What a sensor told, looked through from its end: what counts is the last second in which a phone was held as it is to be. */
final class LastSecond
{
    /** s over which a mean is taken, and from one try to the one before it. */
    private const WINDOW_S = 1.0;

    private const STEP_S = 0.1;

    /**
     * @template S of non-empty-list<float>
     * @template T of object
     *
     * @param  list<S>  $samples  each begins with its s; in order
     * @param  int  $fewest  samples that are needed
     * @param  callable(list<S>): (T|null)  $told  of one second, null where it says nothing
     * @return T|null
     */
    public static function of(array $samples, int $fewest, callable $told): ?object
    {
        $tried = INF;
        for ($end = count($samples) - 1; $end >= $fewest; $end--) {
            if ($tried - $samples[$end][0] < self::STEP_S) {
                continue;
            }
            $tried = $samples[$end][0];
            $from = $end;
            while ($from > 0 && $samples[$end][0] - $samples[$from - 1][0] <= self::WINDOW_S) {
                $from--;
            }
            $window = array_slice($samples, $from, $end - $from + 1);
            $isWhole = $samples[$end][0] - $samples[$from][0] >= 0.9 * self::WINDOW_S && count($window) >= $fewest;
            $found = $isWhole ? $told($window) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}
