<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** Spans of time, from and to. Seconds. */
final class Spans
{
    /**
     * @param  list<array{float, float}>  $spans  in any order, that may overlap
     * @return list<array{float, float}> that do not touch each other, in order
     */
    public static function union(array $spans): array
    {
        sort($spans);
        $union = [];
        foreach ($spans as [$from, $to]) {
            $last = count($union) - 1;
            if ($last >= 0 && $from <= $union[$last][1]) {
                $union[$last][1] = max($union[$last][1], $to);
            } else {
                $union[] = [$from, $to];
            }
        }

        return $union;
    }

    /**
     * s between two moments that lie in none of the spans.
     *
     * @param  list<array{float, float}>  $union  as union() gives them
     */
    public static function outside(array $union, float $from, float $to): float
    {
        $seconds = max(0.0, $to - $from);
        foreach ($union as [$begins, $ends]) {
            $seconds -= max(0.0, min($to, $ends) - max($from, $begins));
        }

        return max(0.0, $seconds);
    }
}
