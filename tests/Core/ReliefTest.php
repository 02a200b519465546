<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\Lee;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\Relief\Lattice;
use Eskith\Core\Water\Relief\LevelLines;
use Eskith\Core\Water\Relief\Section;
use Eskith\Core\Water\Relief\Structure;
use Eskith\Core\Water\Relief\StructureKind;
use Eskith\Core\Water\Relief\Structures;
use PHPUnit\Framework\TestCase;

/** Sections, slopes, ledges, depth lines and what is found, against made-up bottoms with known answers. */
final class ReliefTest extends TestCase
{
    private const REACH = 9.0;

    /** A quarry wall from 2 m down to 14 m: 4 m at 63.4°, a ledge of 3 m at 6 m deep, 8 m at 45°. West is the top. */
    private static function wall(float $x): float
    {
        return match (true) {
            $x < 0 => 2.0,
            $x < 2 => 2 + 2 * $x,
            $x < 5 => 6.0,
            $x < 13 => 6 + ($x - 5),
            default => 14.0,
        };
    }

    /** @param  \Closure(float, float): float  $depth */
    private static function sounded(\Closure $depth, float $step, float $from = -40, float $to = 60): Ground
    {
        $soundings = [];
        for ($x = $from; $x <= $to; $x += $step) {
            for ($y = 0.0; $y <= 60.0; $y += 4 * $step) {
                $soundings[] = [$x, $y, $depth($x, $y)];
            }
        }

        return Ground::of($soundings, self::REACH);
    }

    public function test_a_section_of_a_made_up_wall_has_its_slopes_and_its_ledge(): void
    {
        $ground = self::sounded(static fn (float $x): float => self::wall($x), 0.5);
        $section = Section::below($ground, [new Position(-10, 30), new Position(20, 30)], self::REACH);

        self::assertEqualsWithDelta(rad2deg(atan(2)), $section->steepestDeg, 0.1);
        self::assertEqualsWithDelta(2.0, $section->shallowestM, 0.001);
        self::assertEqualsWithDelta(14.0, $section->deepestM, 0.001);
        self::assertCount(2, $section->walls);
        self::assertEqualsWithDelta([10.0, 12.0, rad2deg(atan(2))], $section->walls[0], 0.26);
        self::assertEqualsWithDelta([15.0, 23.0, 45.0], $section->walls[1], 0.26);
        self::assertCount(1, $section->ledges);
        self::assertEqualsWithDelta(6.0, $section->ledges[0]->depthM, 0.05);
        self::assertEqualsWithDelta(3.0, $section->ledges[0]->wideM, 0.3);
        self::assertEqualsWithDelta(13.5, $section->ledges[0]->alongM, 0.2);
        self::assertEqualsWithDelta(4.0, $section->depthAt(11.0), 0.02);
        self::assertEqualsWithDelta(4.2, $section->depthAt(11.1), 0.02, 'between two looks');
    }

    public function test_walked_the_other_way_it_is_the_same_wall(): void
    {
        $ground = self::sounded(static fn (float $x): float => self::wall($x), 0.5);
        $back = Section::below($ground, [new Position(20, 30), new Position(-10, 30)], self::REACH);

        self::assertCount(1, $back->ledges);
        self::assertEqualsWithDelta(16.5, $back->ledges[0]->alongM, 0.2);
        self::assertEqualsWithDelta(rad2deg(atan(2)), $back->steepestDeg, 0.1);
    }

    public function test_askew_a_wall_is_less_steep(): void
    {
        $ground = self::sounded(static fn (float $x): float => 3 + max(0.0, min(12.0, $x)), 0.5);
        // 45° straight down the slope; along a line at 60° to it tan is half.
        $askew = Section::below($ground, [new Position(2, 5), new Position(2 + 8, 5 + 8 * tan(deg2rad(60)))], self::REACH);

        self::assertEqualsWithDelta(rad2deg(atan(0.5)), $askew->steepestDeg, 0.1);
        self::assertSame([], $askew->walls);
    }

    public function test_35_degrees_is_no_wall_yet_and_less_than_a_metre_no_ledge(): void
    {
        foreach ([[34.9, 0], [35.1, 1]] as [$degrees, $walls]) {
            $slope = tan(deg2rad($degrees));
            $ground = self::sounded(static fn (float $x): float => 2 + $slope * max(0.0, min(10.0, $x)), 0.5);
            self::assertCount(
                $walls, Section::below($ground, [new Position(-5, 20), new Position(20, 20)], self::REACH)->walls, "{$degrees}°"
            );
        }
        foreach ([[0.5, 0], [1.5, 1]] as [$wide, $ledges]) {
            $depth = static fn (float $x): float => 2 + max(0.0, min(4.0, $x)) + max(0.0, min(4.0, $x - 4 - $wide));
            $section = Section::below(self::sounded($depth, 0.25), [new Position(-5, 20), new Position(20, 20)], self::REACH);
            self::assertCount($ledges, $section->ledges, "{$wide} m");
        }
    }

    public function test_the_top_of_a_ridge_is_no_ledge_and_what_was_not_sounded_is_not_known(): void
    {
        $ridge = self::sounded(static fn (float $x): float => 10 - max(0.0, min(6.0, 2 * (8 - abs($x)))), 0.5);
        $over = Section::below($ridge, [new Position(-20, 30), new Position(20, 30)], self::REACH);
        self::assertCount(2, $over->walls);
        self::assertSame([], $over->ledges);

        $beyond = Section::below($ridge, [new Position(50, 30), new Position(120, 30)], self::REACH);
        self::assertNotNull($beyond->points[0]->depthM);
        self::assertNull($beyond->points[count($beyond->points) - 1]->depthM);
        self::assertNull($beyond->depthAt(70.0));
        $nowhere = Section::below($ridge, [new Position(500, 0), new Position(600, 0)], self::REACH);
        self::assertNull($nowhere->steepestDeg);
        self::assertNull($nowhere->deepestM);
    }

    public function test_lines_that_are_none_are_refused(): void
    {
        $ground = self::sounded(static fn (): float => 5.0, 2);
        foreach ([[], [[0, 0]], [[0, 0], [0, 0.5]], [[0, 0], [30_000, 0]], array_fill(0, 101, [0, 0])] as $line) {
            try {
                Section::below($ground, array_map(static fn (array $at): Position => new Position(...$at), $line), self::REACH);
                self::fail('such a line has no section');
            } catch (InvalidInput $bad) {
                self::assertSame('line', $bad->field);
            }
        }
    }

    public function test_a_cast_swings_in_by_what_its_line_is_longer_than_the_way(): void
    {
        // 3, 4, 5: from 3 m away onto a ledge 4 m down goes 5 m of line, 2 m past it.
        self::assertEqualsWithDelta(['lineM' => 5.0, 'pastM' => 2.0], Section::castTo(3.0, 4.0), 1e-9);
    }

    public function test_depth_lines_of_a_cone_are_circles_and_the_edge_lies_at_the_reach(): void
    {
        $soundings = [];
        for ($x = -40; $x <= 40; $x += 4) {
            for ($y = -40; $y <= 40; $y += 4) {
                $soundings[] = [(float) $x, (float) $y, 2 + 0.2 * hypot($x, $y)];
            }
        }
        [$depths, $known] = Lattice::over(Ground::of($soundings, 10.0), 10.0, 8_000) ?? self::fail('it is sounded');
        $lines = LevelLines::of($depths, 6.0);
        self::assertCount(1, $lines);
        self::assertSame($lines[0][0], $lines[0][count($lines[0]) - 1], 'it is closed');
        foreach ($lines[0] as [$x, $y]) {
            self::assertEqualsWithDelta(20.0, hypot($x, $y), 0.5);
        }
        $edges = LevelLines::of($known, 0.0);
        self::assertCount(1, $edges);
        foreach ($edges[0] as [$x, $y]) {
            self::assertEqualsWithDelta(10.0, hypot(max(0, abs($x) - 40), max(0, abs($y) - 40)), 0.8);
        }
    }

    public function test_nothing_sounded_makes_no_lattice_and_one_sounding_a_spot(): void
    {
        self::assertNull(Lattice::over(Ground::of([], 10.0), 10.0, 1000));
        [$depths, $known] = Lattice::over(Ground::of([[5.0, 5.0, 3.0]], 10.0), 10.0, 1000) ?? self::fail('it is sounded');
        self::assertEqualsWithDelta([3.0, 3.0], $depths->range(), 1e-9);
        self::assertCount(1, LevelLines::of($known, 0.0));
    }

    public function test_it_finds_the_wall_its_ledge_the_hump_the_saddle_and_the_hole(): void
    {
        $ground = self::sounded(static fn (float $x): float => self::wall($x), 0.5);
        $found = self::found($ground, self::REACH);
        self::assertEqualsWithDelta(12.0, $found['wall'][0]->fallM(), 0.3);
        self::assertEqualsWithDelta(90.0, $found['wall'][0]->fallsDeg, 3.0, 'it falls to the east');
        self::assertEqualsWithDelta(6.0, $found['ledge'][0]->depthM, 0.2);
        self::assertEqualsWithDelta(3.5, $found['ledge'][0]->at->east, 0.6);
        self::assertArrayNotHasKey('edge', $found, 'a wall is not told twice');

        $bump = static fn (float $x, float $y, float $at, float $on): float => exp(-(($x - $at) ** 2 + ($y - $on) ** 2) / 450);
        $bottom = static fn (float $x, float $y): float => 10 - 5 * $bump($x, $y, -30, 0)
        - 5 * $bump($x, $y, 30, 0) + 5 * $bump($x, $y, 0, 75);
        $soundings = [];
        for ($x = -90; $x <= 90; $x += 5) {
            for ($y = -60; $y <= 120; $y += 5) {
                $soundings[] = [(float) $x, (float) $y, $bottom($x, $y)];
            }
        }
        $found = self::found(Ground::of($soundings, 12.0), 12.0);
        self::assertCount(2, $found['hump']);
        foreach ($found['hump'] as $hump) {
            self::assertEqualsWithDelta(30.0, abs($hump->at->east), 3.0);
            self::assertEqualsWithDelta(0.0, $hump->at->north, 3.0);
            self::assertSame($hump->depthM, $hump->topM, 'nothing around a hump is shallower');
            self::assertGreaterThan($hump->depthM + 1.0, $hump->bottomM);
        }
        self::assertCount(1, $found['saddle']);
        self::assertLessThan(9.0, hypot(...$found['saddle'][0]->at->pair()));
        self::assertCount(1, $found['hole']);
        self::assertEqualsWithDelta(75.0, $found['hole'][0]->at->north, 4.0);
        self::assertEqualsWithDelta(15.0, $found['hole'][0]->depthM, 0.3);
        self::assertSame($found['hole'][0]->depthM, $found['hole'][0]->bottomM, 'nothing around a hole is deeper');
        self::assertLessThan($found['hole'][0]->depthM - 2.0, $found['hole'][0]->topM);
        self::assertArrayNotHasKey('wall', $found);
    }

    public function test_a_flat_and_a_long_even_slope_hold_nothing_but_the_slope(): void
    {
        self::assertSame([], self::found(self::sounded(static fn (): float => 8.0, 2.0), self::REACH));
        $slope = self::found(self::sounded(static fn (float $x): float => 10 + 0.3 * $x / 2, 2.0), self::REACH);
        self::assertSame([], $slope, 'under 10° there is no drop-off');
        $edge = self::found(self::sounded(static fn (float $x): float => 4 + 0.4 * max(0.0, min(20.0, $x)), 2.0), self::REACH);
        self::assertSame(['edge'], array_keys($edge));
        self::assertEqualsWithDelta(8.0, $edge['edge'][0]->fallM(), 0.1);
    }

    public function test_turned_by_any_angle_a_ground_keeps_its_wall_and_the_wall_falls_as_much_farther_round(): void
    {
        foreach ([0.0, 37.0, 120.0, 251.0] as $turn) {
            [$c, $s] = [cos(deg2rad($turn)), sin(deg2rad($turn))];
            $soundings = [];
            for ($x = -20.0; $x <= 30.0; $x++) {
                for ($y = -24.0; $y <= 24.0; $y += 3.0) {
                    // Clockwise, as bearings go.
                    $soundings[] = [$x * $c + $y * $s, $y * $c - $x * $s, self::wall($x)];
                }
            }
            $found = self::found(Ground::of($soundings, self::REACH), self::REACH);
            self::assertCount(1, $found['wall'], "turned by {$turn}");
            self::assertEqualsWithDelta(12.0, $found['wall'][0]->fallM(), 0.3);
            $off = fmod($found['wall'][0]->fallsDeg - 90.0 - $turn + 900.0, 360.0) - 180.0;
            self::assertEqualsWithDelta(0.0, $off, 4.0, "turned by {$turn}");
            self::assertEqualsWithDelta(6.0, $found['ledge'][0]->depthM, 0.3);
        }
    }

    public function test_the_lee_is_behind_a_shore_upwind(): void
    {
        $shore = [new Position(-100, 0), new Position(100, 0)];
        $lee = new Lee([$shore], 0.0);
        self::assertEqualsWithDelta(50.0, $lee->fetchM(new Position(0, -50)), 1e-6);
        self::assertTrue($lee->shelters(new Position(0, -50)));
        self::assertFalse($lee->shelters(new Position(0, -400)));
        self::assertNull($lee->shelters(new Position(0, 50)), 'no shore is drawn to the north of it');
        self::assertNull($lee->shelters(new Position(150, -50)));
        self::assertTrue((new Lee([$shore], 225.0))->shelters(new Position(20, 30)));
    }

    /** @return array<string, non-empty-list<Structure>> by kind */
    private static function found(Ground $ground, float $reach): array
    {
        [$depths] = Lattice::over($ground, $reach, 6_000) ?? self::fail('it is sounded');
        $found = [];
        foreach (Structures::of($ground, $depths, $reach) as $one) {
            $found[$one->kind->value][] = $one;
        }
        foreach (StructureKind::cases() as $kind) {
            self::assertNotSame('', $kind->word());
        }

        return $found;
    }
}
