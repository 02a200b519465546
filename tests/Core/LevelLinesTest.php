<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Water\Relief\Lattice;
use Eskith\Core\Water\Relief\LevelLines;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * What is true of depth lines whatever the ground: they lie at their depth, close or end where nothing is known, and part deep
 * from shallow.
 */
final class LevelLinesTest extends TestCase
{
    private const COLUMNS = 14;

    private const ROWS = 11;

    /** @param  float  $unknown  share of crossings of which nothing is known */
    private static function ground(int $seed, float $unknown = 0.0): Lattice
    {
        $dice = new Randomizer(new Mt19937($seed));
        $values = [];
        for ($i = 0; $i < self::COLUMNS * self::ROWS; $i++) {
            $depth = $dice->getInt(0, 9_999_999) / 1e6;
            $values[] = $dice->getInt(0, 999_999) / 1e6 < $unknown ? null : $depth;
        }

        return new Lattice(west: -20.0, south: 5.0, stepM: 3.0, columns: self::COLUMNS, rows: self::ROWS, values: $values);
    }

    public function test_every_point_of_a_line_lies_on_a_side_of_the_grid_at_its_depth(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $ground = self::ground($seed, $seed % 2 === 0 ? 0.15 : 0.0);
            foreach (LevelLines::of($ground, 4.3) as $line) {
                self::assertGreaterThan(1, count($line));
                foreach ($line as [$east, $north]) {
                    [$x, $y] = [($east - $ground->west) / $ground->stepM, ($north - $ground->south) / $ground->stepM];
                    $upright = abs($x - round($x)) < 1e-9;
                    self::assertTrue($upright || abs($y - round($y)) < 1e-9, 'it crosses sides only');
                    $ends = $upright
                        ? [$ground->at((int) round($x), (int) floor($y)), $ground->at((int) round($x), (int) ceil($y))]
                        : [$ground->at((int) floor($x), (int) round($y)), $ground->at((int) ceil($x), (int) round($y))];
                    $share = $upright ? $y - floor($y) : $x - floor($x);
                    self::assertEqualsWithDelta(4.3, $ends[0] + $share * ($ends[1] - $ends[0]), 1e-6);
                }
            }
        }
    }

    public function test_a_line_closes_or_ends_at_the_border_of_what_is_known(): void
    {
        for ($seed = 1; $seed <= 12; $seed++) {
            $ground = self::ground($seed);
            [$east, $north] = [$ground->west + 3.0 * (self::COLUMNS - 1), $ground->south + 3.0 * (self::ROWS - 1)];
            $lines = LevelLines::of($ground, 5.0);
            self::assertNotSame([], $lines);
            foreach ($lines as $line) {
                [$first, $last] = [$line[0], $line[count($line) - 1]];
                if ($first === $last) {
                    continue;
                }
                foreach ([$first, $last] as [$x, $y]) {
                    $off = min(abs($x - $ground->west), abs($x - $east), abs($y - $ground->south), abs($y - $north));
                    self::assertEqualsWithDelta(0.0, $off, 1e-9);
                }
            }
        }
    }

    public function test_every_side_between_deeper_and_shallower_is_crossed_once_and_no_other(): void
    {
        for ($seed = 20; $seed < 32; $seed++) {
            $ground = self::ground($seed);
            $crossed = 0;
            for ($row = 0; $row < self::ROWS; $row++) {
                for ($column = 0; $column < self::COLUMNS; $column++) {
                    $here = $ground->at($column, $row) >= 6.1;
                    $crossed += (int) ($column + 1 < self::COLUMNS && $here !== ($ground->at($column + 1, $row) >= 6.1));
                    $crossed += (int) ($row + 1 < self::ROWS && $here !== ($ground->at($column, $row + 1) >= 6.1));
                }
            }
            $points = [];
            foreach (LevelLines::of($ground, 6.1) as $line) {
                $open = $line[0] === $line[count($line) - 1] ? array_slice($line, 1) : $line;
                array_push($points, ...array_map(static fn (array $at): string => implode(' ', $at), $open));
            }
            self::assertCount($crossed, $points);
            self::assertSame($points, array_values(array_unique($points)));
        }
    }

    public function test_a_saddle_is_parted_as_the_mean_of_its_corners_lies(): void
    {
        // Shallow in the north-west and the south-east, 0 m; deep in the others, 9 m; 4.5 m in the middle.
        $saddle = new Lattice(west: 0.0, south: 0.0, stepM: 1.0, columns: 2, rows: 2, values: [9.0, 0.0, 0.0, 9.0]);
        $corners = static fn (float $level): array => array_map(
            static fn (array $line): array => [
                (int) (array_sum(array_column($line, 0)) / 2 > 0.5), (int) (array_sum(array_column($line, 1)) / 2 > 0.5),
            ],
            LevelLines::of($saddle, $level),
        );
        self::assertEqualsCanonicalizing([[0, 1], [1, 0]], $corners(4.0), 'the deep goes through: lines cut the shallow corners off');
        self::assertEqualsCanonicalizing([[0, 0], [1, 1]], $corners(5.0), 'the shallow goes through');
    }

    public function test_a_ground_upside_down_has_the_same_lines(): void
    {
        $ground = self::ground(77);
        $down = $ground->with(array_map(static fn (?float $depth): ?float => $depth === null ? null : -$depth, $ground->values));
        $points = static function (array $lines): array {
            $all = array_merge(...array_map(static fn (array $line): array => array_map(
                static fn (array $at): string => sprintf('%.6f %.6f', ...$at), $line,
            ), $lines));
            sort($all);

            return array_values(array_unique($all));
        };
        self::assertSame($points(LevelLines::of($ground, 4.0)), $points(LevelLines::of($down, -4.0)));
    }

    public function test_above_all_and_below_all_there_is_no_line(): void
    {
        self::assertSame([], LevelLines::of(self::ground(3), -1.0));
        self::assertSame([], LevelLines::of(self::ground(3), 11.0));
        self::assertSame([], LevelLines::of(self::ground(3, 1.0), 5.0));
    }
}
