<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/**
 * A track of depths as a boat brought it back, made into soundings: spikes out, depths reduced to the water's zero, and of
 * what lies close together one.
 */
final readonly class Survey
{
    /** Soundings that a track is thinned to. */
    public const MOST = 5_000;

    /** Depths of a track at the most, as they are brought. */
    public const BROUGHT = 200_000;

    /** Depths to each side of one that it is held against. */
    private const BESIDE = 3;

    /** m, and share of the depth, by which a spike stands out from those beside it. */
    private const SPIKE_M = 0.8;

    private const SPIKE_SHARE = 0.25;

    /** m: finer is not kept. */
    private const FINEST_M = 1.0;

    /** m: how deep a fresh or coastal water is believed to be, and how far a level goes up or down. */
    private const DEEPEST_M = 500.0;

    /**
     * @param  list<array{float, float, float}>  $soundings  m east, m north, m below the water's zero
     * @param  float  $spacingM  that they were thinned to
     */
    private function __construct(
        public array $soundings, public int $brought, public int $spikes, public int $unknown, public float $spacingM,
    ) {
    }

    /**
     * @param  list<float>  $east
     * @param  list<float>  $north
     * @param  list<float>  $depths  as read, m; NAN where none was
     * @param  list<float>|float  $level  m that the water stood above its zero, of each or of all
     *
     * @throws InvalidInput when nothing of it is a depth
     */
    public static function of(array $east, array $north, array $depths, array|float $level = 0.0, int $most = self::MOST): self
    {
        if (count($east) > self::BROUGHT) {
            throw InvalidInput::because('file', 'A track has at most {brought} depths. Split it.', brought: number_format(self::BROUGHT));
        }
        $read = [];
        foreach ($depths as $i => $depth) {
            if ($depth > 0.0 && $depth <= self::DEEPEST_M && is_finite($east[$i]) && is_finite($north[$i])) {
                $read[] = $i;
            }
        }
        $kept = [];
        foreach ($read as $n => $i) {
            if (! self::isSpike($read, $depths, $n)) {
                $kept[] = $i;
            }
        }
        if ($kept === []) {
            throw InvalidInput::because('file', 'There is no depth in it that a water can have.');
        }
        [$soundings, $spacing] = self::thinned($east, $north, $depths, $level, $kept, $most);

        return new self($soundings, count($depths), count($read) - count($kept), count($depths) - count($read), $spacing);
    }

    /**
     * Soundings that were made of a track before, as they are.
     *
     * @param  list<float>  $east
     * @param  list<float>  $north
     * @param  list<float>  $depths  m below the water's zero
     *
     * @throws InvalidInput when none of them is a sounding
     */
    public static function asTheyAre(array $east, array $north, array $depths): self
    {
        $soundings = [];
        foreach ($depths as $i => $depth) {
            if (abs($depth) <= self::DEEPEST_M && is_finite($east[$i]) && is_finite($north[$i])) {
                $soundings[] = [$east[$i], $north[$i], $depth];
            }
        }
        if ($soundings === []) {
            throw InvalidInput::because('file', 'There is no depth in it that a water can have.');
        }

        return new self($soundings, count($depths), 0, count($depths) - count($soundings), 0.0);
    }

    /**
     * Fewer soundings that say about the same.
     *
     * @param  list<array{float, float, float}>  $soundings
     * @return list<array{float, float, float}> as they are, where there are no more than so many
     */
    public static function thin(array $soundings, int $most): array
    {
        return count($soundings) <= $most ? $soundings : self::thinned(
            array_column($soundings, 0), array_column($soundings, 1), array_column($soundings, 2), 0.0, array_keys($soundings), $most,
        )[0];
    }

    /**
     * Held against the middle one of those beside it on the way.
     *
     * @param  list<int>  $read  which depths
     * @param  list<float>  $depths
     */
    private static function isSpike(array $read, array $depths, int $n): bool
    {
        $beside = [];
        for ($i = max(0, $n - self::BESIDE); $i <= min(count($read) - 1, $n + self::BESIDE); $i++) {
            if ($i !== $n) {
                $beside[] = $depths[$read[$i]];
            }
        }
        if (count($beside) < 2) {
            return false;
        }
        sort($beside);
        $half = intdiv(count($beside), 2);
        $middle = count($beside) % 2 === 1 ? $beside[$half] : ($beside[$half - 1] + $beside[$half]) / 2;

        return abs($depths[$read[$n]] - $middle) > max(self::SPIKE_M, self::SPIKE_SHARE * $middle)
            // A wall goes through its neighbours; a spike stands beyond all of them.
            && ($depths[$read[$n]] < $beside[0] - self::SPIKE_M || $depths[$read[$n]] > $beside[count($beside) - 1] + self::SPIKE_M);
    }

    /**
     * The mean of each square, as small as there may be so many.
     *
     * @param  list<float>  $east
     * @param  list<float>  $north
     * @param  list<float>  $depths
     * @param  list<float>|float  $level
     * @param  list<int>  $kept
     * @return array{list<array{float, float, float}>, float}
     */
    private static function thinned(array $east, array $north, array $depths, array|float $level, array $kept, int $most): array
    {
        for ($spacing = self::FINEST_M; ; $spacing *= M_SQRT2) {
            $squares = [];
            foreach ($kept as $i) {
                $square = floor($east[$i] / $spacing).' '.floor($north[$i] / $spacing);
                $depth = $depths[$i] - (is_array($level) ? $level[$i] : $level);
                $sums = $squares[$square] ?? [0.0, 0.0, 0.0, 0];
                $squares[$square] = [$sums[0] + $east[$i], $sums[1] + $north[$i], $sums[2] + $depth, $sums[3] + 1];
                if (count($squares) > $most) {
                    continue 2;
                }
            }

            return [array_values(array_map(
                static fn (array $sums): array => [$sums[0] / $sums[3], $sums[1] / $sums[3], $sums[2] / $sums[3]], $squares,
            )), $spacing];
        }
    }
}
