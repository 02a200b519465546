<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

/** The connected parts of a polygon within a strip, found slice by slice. */
final class StripParts
{
    /** Heights nearer than this are one, m. */
    private const SAME_M = 1e-9;

    /**
     * @param  list<array{float, float}>  $corners  of the polygon, along and across
     * @return list<StripPart> in no order
     */
    public static function of(array $corners, float $low, float $high): array
    {
        $slices = [];
        $levels = [];
        $heights = self::heights($corners, $low, $high);
        for ($i = 1; $i < count($heights); $i++) {
            $levels[$i] = [];
            foreach (self::slices($corners, $heights[$i - 1], $heights[$i]) as $slice) {
                $levels[$i][] = count($slices);
                $slices[] = $slice;
            }
        }
        // Of each slice, the first of its part.
        $part = array_keys($slices);
        $first = static function (int $slice) use (&$part): int {
            while ($part[$slice] !== $slice) {
                $slice = $part[$slice];
            }

            return $slice;
        };
        for ($i = 2; $i < count($heights); $i++) {
            foreach ($levels[$i] as $above) {
                foreach ($levels[$i - 1] as $below) {
                    if ($slices[$above]->liesOn($slices[$below])) {
                        $part[$first($above)] = $first($below);
                    }
                }
            }
        }
        $parts = [];
        foreach ($slices as $i => $slice) {
            $parts[$first($i)][] = $slice;
        }

        return array_values(array_map(static fn (array $ofOne): StripPart => new StripPart($ofOne), $parts));
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<float> of the strip's edges and of the corners within it, in order
     */
    private static function heights(array $corners, float $low, float $high): array
    {
        $within = array_filter(array_column($corners, 1), static fn (float $y): bool => $y > $low && $y < $high);
        sort($within);
        $heights = [$low];
        foreach ($within as $height) {
            if ($height - $heights[count($heights) - 1] > self::SAME_M && $high - $height > self::SAME_M) {
                $heights[] = $height;
            }
        }

        return [...$heights, $high];
    }

    /**
     * @param  list<array{float, float}>  $corners
     * @return list<Slice> what the polygon has between two heights with no corner between them, from left to right
     */
    private static function slices(array $corners, float $low, float $high): array
    {
        $middle = ($low + $high) / 2;
        $sides = [];
        $count = count($corners);
        foreach ($corners as $i => [$x, $y]) {
            [$nextX, $nextY] = $corners[($i + 1) % $count];
            if (($y > $middle) !== ($nextY > $middle)) {
                $at = static fn (float $height): float => $x + max(0.0, min(1.0, ($height - $y) / ($nextY - $y))) * ($nextX - $x);
                $sides[] = [$at($middle), $at($low), $at($high)];
            }
        }
        sort($sides);
        $slices = [];
        for ($i = 1; $i < count($sides); $i += 2) {
            $slices[] = new Slice($low, $high, [$sides[$i - 1][1], $sides[$i - 1][2]], [$sides[$i][1], $sides[$i][2]]);
        }

        return $slices;
    }
}
