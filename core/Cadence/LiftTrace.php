<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\InvalidInput;

/** One lift as timed heights of the rod tip tell it: how long, how far, how even. Seconds and metres. */
final readonly class LiftTrace
{
    /** m: so near to the lowest and the highest the tip is at rest. Estimate. */
    private const AT_REST_M = 0.02;

    /** What is no lift at all: fewer samples, shorter, lower. */
    private const FEWEST = 4;

    private const SHORTEST_S = 0.2;

    private const LOWEST_M = 0.05;

    /** s: nobody lifts for longer. */
    private const LONGEST_S = 600.0;

    /** Spans of time that speeds are taken over, at the least; about one a second. */
    private const SPANS = 4;

    /** Samples from which a span has a line of best fit. */
    private const FIT = 3;

    /** Spans of time are compared with this, s. */
    private const TINY = 1e-9;

    private function __construct(
        public float $durationS,
        public float $riseM,
        public float $meanMs,
        /** Standard deviation of the speeds of the spans over the mean speed. */
        public float $cv,
        /** Way made in the second half of the time over that in the first; null when the first made none. */
        public ?float $secondToFirst,
        public int $spans,
        /** @var list<float> m/s of each span */
        public array $speeds,
    ) {
    }

    /**
     * The lift in a recording: up to the first highest sample, from the last still within 2 cm of the lowest before it to the
     * first within 2 cm of the highest. Between samples the tip moves evenly.
     *
     * @param  list<array{float, float}>  $samples  s and m, in any order; of equal times the last counts
     *
     * @throws InvalidInput when there is no lift in it
     */
    public static function of(array $samples, string $field = 'lift'): self
    {
        [$times, $heights] = self::cut(self::inOrder($samples));
        $count = count($times);
        $duration = $count === 0 ? 0.0 : $times[$count - 1] - $times[0];
        $rise = $count === 0 ? 0.0 : $heights[$count - 1] - $heights[0];
        if ($count < self::FEWEST || $duration < self::SHORTEST_S || $rise < self::LOWEST_M) {
            throw InvalidInput::because(
                $field, 'No lift in this recording. It takes 4 samples, 0.2 s and a rise of 5 cm.',
            );
        }
        if ($duration > self::LONGEST_S) {
            throw InvalidInput::because($field, 'A lift takes no longer than ten minutes.');
        }
        $mean = $rise / $duration;
        $spans = max(self::SPANS, (int) floor($duration + 0.5));
        $speeds = [];
        for ($i = 0; $i < $spans; $i++) {
            $speeds[] = self::speed($times, $heights, $times[0] + $i * $duration / $spans, $times[0] + ($i + 1) * $duration / $spans);
        }
        $average = array_sum($speeds) / $spans;
        $variance = array_sum(array_map(static fn (float $speed): float => ($speed - $average) ** 2, $speeds)) / $spans;
        $first = self::heightAt($times, $heights, $times[0] + $duration / 2) - $heights[0];

        return new self(
            durationS: $duration,
            riseM: $rise,
            meanMs: $mean,
            cv: sqrt($variance) / $mean,
            secondToFirst: $first > 0.0 ? ($rise - $first) / $first : null,
            spans: $spans,
            speeds: $speeds,
        );
    }

    /**
     * Sample standard deviation of the mean speeds of several lifts over their mean; null for one.
     *
     * @param  non-empty-list<self>  $lifts
     */
    public static function betweenCv(array $lifts): ?float
    {
        $count = count($lifts);
        if ($count < 2) {
            return null;
        }
        $mean = self::mean($lifts);
        $squares = array_sum(array_map(static fn (self $lift): float => ($lift->meanMs - $mean) ** 2, $lifts));

        return sqrt($squares / ($count - 1)) / $mean;
    }

    /**
     * @param  non-empty-list<self>  $lifts
     * @return float m/s
     */
    public static function mean(array $lifts): float
    {
        return array_sum(array_map(static fn (self $lift): float => $lift->meanMs, $lifts)) / count($lifts);
    }

    /**
     * @param  list<array{float, float}>  $samples
     * @return list<array{float, float}>
     */
    private static function inOrder(array $samples): array
    {
        $kept = [];
        foreach ($samples as [$at, $height]) {
            // As a key, so that the last of equal times stands.
            $kept[serialize($at + 0.0)] = [$at, $height];
        }
        $kept = array_values($kept);
        usort($kept, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $kept;
    }

    /**
     * @param  list<array{float, float}>  $samples  in order of time
     * @return array{list<float>, list<float>} times and heights of the lift alone
     */
    private static function cut(array $samples): array
    {
        $heights = array_column($samples, 1);
        if ($heights === []) {
            return [[], []];
        }
        $high = max($heights);
        $top = (int) array_search($high, $heights, true);
        $low = min(array_slice($heights, 0, $top + 1));
        $start = $top;
        while (self::AT_REST_M + self::TINY < $heights[$start] - $low) {
            $start--;
        }
        $end = min($start + 1, $top);
        while ($high - $heights[$end] > self::AT_REST_M + self::TINY) {
            $end++;
        }
        $lift = array_slice($samples, $start, $end - $start + 1);

        return [array_column($lift, 0), array_column($lift, 1)];
    }

    /**
     * @param  list<float>  $times
     * @param  list<float>  $heights
     */
    private static function speed(array $times, array $heights, float $from, float $to): float
    {
        $within = array_filter($times, static fn (float $at): bool => $at >= $from - self::TINY && $at <= $to + self::TINY);
        $count = count($within);
        if ($count < self::FIT) {
            return (self::heightAt($times, $heights, $to) - self::heightAt($times, $heights, $from)) / ($to - $from);
        }
        $reached = array_intersect_key($heights, $within);
        [$middle, $half] = [array_sum($within) / $count, array_sum($reached) / $count];
        $both = $square = 0.0;
        foreach ($within as $i => $at) {
            $both += ($at - $middle) * ($reached[$i] - $half);
            $square += ($at - $middle) ** 2;
        }

        return $both / $square;
    }

    /**
     * @param  list<float>  $times
     * @param  list<float>  $heights
     */
    private static function heightAt(array $times, array $heights, float $at): float
    {
        $last = count($times) - 1;
        for ($i = 1; $i <= $last; $i++) {
            if ($at <= $times[$i] || $i === $last) {
                $share = max(0.0, min(1.0, ($at - $times[$i - 1]) / ($times[$i] - $times[$i - 1])));

                return $heights[$i - 1] + $share * ($heights[$i] - $heights[$i - 1]);
            }
        }

        return $heights[0];
    }
}
