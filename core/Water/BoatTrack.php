<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** Where a boat went: places in order of time, m and s, as far apart as it matters. */
final readonly class BoatTrack
{
    /** m by which two places differ at least that are both kept; s after which one is kept where it lies still. */
    public const APART_M = 5.0;

    public const STILL_S = 60.0;

    /** s of fixes of which the mean is taken: one fix alone strays. */
    private const MEAN_S = 10.0;

    /** s between two places beyond which nobody knows where it was. */
    public const GAP_S = 150.0;

    /** m/s above which it is under way, and not fished from. */
    public const UNDER_WAY_MS = 2.0;

    /** @param  list<array{float, Position}>  $points  s and place, in order of time */
    private function __construct(public array $points)
    {
    }

    /** @param  list<array{float, Position}>  $points  as they were kept; what is out of order is left out */
    public static function kept(array $points): self
    {
        usort($points, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $rising = [];
        foreach ($points as $point) {
            if ($rising === [] || $point[0] > $rising[count($rising) - 1][0]) {
                $rising[] = $point;
            }
        }

        return new self($rising);
    }

    /** @param  list<array{float, Position}>  $fixes  as a phone told them, about one a second */
    public static function thinned(array $fixes): self
    {
        $kept = [];
        $means = self::means(self::kept($fixes)->points);
        foreach ($means as $i => [$at, $place]) {
            $before = $kept[count($kept) - 1] ?? null;
            $isNews = $before === null || $at - $before[0] >= self::STILL_S || $place->distanceTo($before[1]) >= self::APART_M;
            // Before it ran off or was lost it lay where it was last.
            $next = $means[$i + 1] ?? null;
            $isLast = $next === null || $next[0] - $at > self::GAP_S
                || $next[1]->distanceTo($place) > self::UNDER_WAY_MS * ($next[0] - $at);
            if ($isNews || $isLast) {
                $kept[] = [$at, $place];
            }
        }

        return new self($kept);
    }

    /** Where it was at a moment; null where nobody knows. */
    public function at(float $second): ?Position
    {
        [$low, $high] = [0, count($this->points) - 1];
        if ($high < 0) {
            return null;
        }
        if ($second <= $this->points[0][0] || $second >= $this->points[$high][0]) {
            $nearest = $this->points[$second <= $this->points[0][0] ? 0 : $high];

            return abs($second - $nearest[0]) <= self::STILL_S ? $nearest[1] : null;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->points[$middle][0] <= $second ? $low = $middle : $high = $middle;
        }
        [[$from, $here], [$until, $there]] = [$this->points[$low], $this->points[$high]];
        if ($until - $from > self::GAP_S) {
            return match (true) {
                $second - $from <= self::STILL_S => $here,
                $until - $second <= self::STILL_S => $there,
                default => null,
            };
        }
        $share = ($second - $from) / ($until - $from);

        return $here->plus($share * ($there->east - $here->east), $share * ($there->north - $here->north));
    }

    /** @return list<list<Position>> as it was fished from: broken where nobody knows, and where it was under way */
    public function drifts(): array
    {
        return $this->joined(static fn (float $speedMs): bool => $speedMs <= self::UNDER_WAY_MS);
    }

    /** @return list<list<Position>> as it ran from one to the next */
    public function runs(): array
    {
        return $this->joined(static fn (float $speedMs): bool => $speedMs > self::UNDER_WAY_MS);
    }

    /**
     * @param  \Closure(float): bool  $is  whether a piece belongs to it, by its m/s
     * @return list<list<Position>> pieces that follow each other, as one line each
     */
    private function joined(\Closure $is): array
    {
        [$lines, $line] = [[], []];
        for ($i = 1; $i < count($this->points); $i++) {
            [[$from, $before], [$at, $place]] = [$this->points[$i - 1], $this->points[$i]];
            if ($at - $from <= self::GAP_S && $is($before->distanceTo($place) / ($at - $from))) {
                $line = $line === [] ? [$before] : $line;
                $line[] = $place;
            } elseif ($line !== []) {
                $lines[] = $line;
                $line = [];
            }
        }

        return $line === [] ? $lines : [...$lines, $line];
    }

    /** m, as far as it is known */
    public function lengthM(): float
    {
        return array_sum(array_map(
            static fn (array $piece): float => $piece[0]->distanceTo($piece[1]), self::pieces([...$this->drifts(), ...$this->runs()]),
        ));
    }

    /** @return list<array{Position, Position}> the straight pieces of it on which it was fished from */
    public function fished(): array
    {
        return self::pieces($this->drifts());
    }

    /**
     * @param  list<list<Position>>  $lines
     * @return list<array{Position, Position}>
     */
    private static function pieces(array $lines): array
    {
        $pieces = [];
        foreach ($lines as $line) {
            for ($i = 1; $i < count($line); $i++) {
                $pieces[] = [$line[$i - 1], $line[$i]];
            }
        }

        return $pieces;
    }

    /**
     * @param  list<array{float, Position}>  $fixes
     * @return list<array{float, Position}>
     */
    private static function means(array $fixes): array
    {
        $together = [];
        foreach ($fixes as $fix) {
            $together[(int) floor($fix[0] / self::MEAN_S)][] = $fix;
        }

        return array_values(array_map(static function (array $some): array {
            $mean = static fn (array $of): float => array_sum($of) / count($of);
            $places = array_column($some, 1);

            return [$mean(array_column($some, 0)), new Position(
                $mean(array_map(static fn (Position $one): float => $one->east, $places)),
                $mean(array_map(static fn (Position $one): float => $one->north, $places)),
            )];
        }, $together));
    }
}
