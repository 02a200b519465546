<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

/**
 * Lines along which a lattice has one value: depth lines, the edge of what is known. Marching squares, each square cut by the
 * straight lines between its sides (Lorensen and Cline 1987, in the plane); a saddle is parted by the mean of its corners.
 */
final class LevelLines
{
    /** Sides of a square between which a line goes, by which corners lie above: south-west 1, south-east 2, north-east 4, north-west 8. */
    private const WAYS = [
        1 => [['w', 's']], 2 => [['s', 'e']], 3 => [['w', 'e']], 4 => [['e', 'n']], 6 => [['s', 'n']], 7 => [['w', 'n']],
        8 => [['n', 'w']], 9 => [['n', 's']], 11 => [['n', 'e']], 12 => [['e', 'w']], 13 => [['e', 's']], 14 => [['s', 'w']],
    ];

    /**
     * @return list<list<array{float, float}>> m east and north; a closed line ends where it begins
     */
    public static function of(Lattice $lattice, float $level): array
    {
        /** @var array<string, list<string>> $next by an end of a piece, the other ends */
        $next = [];
        $points = [];
        for ($row = 0; $row < $lattice->rows - 1; $row++) {
            for ($column = 0; $column < $lattice->columns - 1; $column++) {
                foreach (self::pieces($lattice, $column, $row, $level) as [$from, $to]) {
                    [$a, $b] = [self::side($column, $row, $from), self::side($column, $row, $to)];
                    $next[$a][] = $b;
                    $next[$b][] = $a;
                    $points[$a] ??= self::crossing($lattice, $column, $row, $from, $level);
                    $points[$b] ??= self::crossing($lattice, $column, $row, $to, $level);
                }
            }
        }

        return self::joined($next, $points);
    }

    /** @return list<array{string, string}> */
    private static function pieces(Lattice $lattice, int $column, int $row, float $level): array
    {
        [$sw, $se] = [$lattice->at($column, $row), $lattice->at($column + 1, $row)];
        [$nw, $ne] = [$lattice->at($column, $row + 1), $lattice->at($column + 1, $row + 1)];
        if ($sw === null || $se === null || $nw === null || $ne === null) {
            return [];
        }
        $case = (int) ($sw >= $level) + 2 * (int) ($se >= $level) + 4 * (int) ($ne >= $level) + 8 * (int) ($nw >= $level);
        if ($case === 5 || $case === 10) {
            $above = ($sw + $se + $nw + $ne) / 4 >= $level;

            return ($case === 5) === $above ? [['w', 'n'], ['e', 's']] : [['w', 's'], ['e', 'n']];
        }

        return self::WAYS[$case] ?? [];
    }

    /** The side of a square, as its neighbour calls it too. */
    private static function side(int $column, int $row, string $side): string
    {
        return match ($side) {
            's' => "h {$column} {$row}",
            'n' => "h {$column} ".($row + 1),
            'w' => "v {$column} {$row}",
            default => 'v '.($column + 1)." {$row}",
        };
    }

    /** @return array{float, float} */
    private static function crossing(Lattice $lattice, int $column, int $row, string $side, float $level): array
    {
        [$from, $to] = match ($side) {
            's' => [[$column, $row], [$column + 1, $row]],
            'n' => [[$column, $row + 1], [$column + 1, $row + 1]],
            'w' => [[$column, $row], [$column, $row + 1]],
            default => [[$column + 1, $row], [$column + 1, $row + 1]],
        };
        [$a, $b] = [$lattice->at(...$from) ?? $level, $lattice->at(...$to) ?? $level];
        $share = $a === $b ? 0.5 : max(0.0, min(1.0, ($level - $a) / ($b - $a)));
        [$start, $end] = [$lattice->position(...$from), $lattice->position(...$to)];

        return [$start->east + $share * ($end->east - $start->east), $start->north + $share * ($end->north - $start->north)];
    }

    /**
     * @param  array<string, list<string>>  $next
     * @param  array<string, array{float, float}>  $points
     * @return list<list<array{float, float}>>
     */
    private static function joined(array $next, array $points): array
    {
        $lines = [];
        // Open ends first, so that no line is begun in its middle.
        $ends = array_keys(array_filter($next, static fn (array $others): bool => count($others) === 1));
        foreach ([...$ends, ...array_keys($next)] as $start) {
            while (($next[$start] ?? []) !== []) {
                $line = [$points[$start]];
                $at = $start;
                while (($next[$at] ?? []) !== []) {
                    $to = array_shift($next[$at]);
                    $back = array_search($at, $next[$to], true);
                    if ($back !== false) {
                        array_splice($next[$to], $back, 1);
                    }
                    $line[] = $points[$to];
                    $at = $to;
                }
                $lines[] = $line;
            }
        }

        return $lines;
    }
}
