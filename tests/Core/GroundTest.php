<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Ground;
use Eskith\Core\Water\SunDay;
use Eskith\Core\Water\Tide;
use Eskith\Core\Water\TideWave;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class GroundTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(16));
    }

    public function test_it_is_exact_at_soundings_and_never_beyond_their_range(): void
    {
        $soundings = $this->tracks(400);
        $ground = Ground::of($soundings, 40.0);
        foreach ($soundings as [$x, $y, $depth]) {
            self::assertEqualsWithDelta($depth, $ground->depthAt($x, $y, 40.0), 0.02);
        }
        $depths = array_column($soundings, 2);
        for ($i = 0; $i < 800; $i++) {
            $depth = $ground->depthAt($this->between(-60, 300), $this->between(-60, 300), 40.0);
            if ($depth !== null) {
                self::assertGreaterThanOrEqual(min($depths) - 1e-9, $depth);
                self::assertLessThanOrEqual(max($depths) + 1e-9, $depth);
            }
        }
    }

    public function test_a_slope_is_a_slope_between_soundings_however_they_lie(): void
    {
        $plane = static fn (float $x, float $y): float => 4 + 0.05 * $x + 0.03 * $y;
        $grid = [];
        $wild = [];
        foreach (range(0, 19) as $i) {
            foreach (range(0, 19) as $j) {
                $grid[] = [10.0 * $i, 10.0 * $j, $plane(10 * $i, 10 * $j)];
                [$x, $y] = [$this->between(0, 190), $this->between(0, 190)];
                $wild[] = [$x, $y, $plane($x, $y)];
            }
        }
        $sides = array_filter($grid, static fn (array $one): bool => in_array($one[0], [0.0, 190.0], true));
        foreach ([[$grid, 0.0, 190.0], [[...$wild, ...$sides], 5.0, 185.0]] as [$soundings, $low, $high]) {
            $ground = Ground::of($soundings, 1000.0);
            for ($i = 0; $i < 500; $i++) {
                [$x, $y] = [$this->between($low, $high), $this->between($low, $high)];
                self::assertEqualsWithDelta($plane($x, $y), $ground->depthAt($x, $y, 1000.0), 1e-4);
            }
        }
    }

    public function test_it_is_the_plane_over_the_triangle_whose_circle_is_empty(): void
    {
        for ($n = 0; $n < 6; $n++) {
            $soundings = [];
            for ($i = 0; $i < 28; $i++) {
                $soundings[] = [$this->between(0, 100), $this->between(0, 100), $this->between(2, 12)];
            }
            $ground = Ground::of($soundings, 200.0);
            for ($i = 0; $i < 40; $i++) {
                [$x, $y] = [$this->between(20, 80), $this->between(20, 80)];
                $looked = self::byLooking($soundings, $x, $y);
                if ($looked !== null) {
                    self::assertEqualsWithDelta($looked, $ground->depthAt($x, $y, 200.0), 1e-4);
                }
            }
        }
    }

    public function test_on_smooth_bottoms_sounded_along_tracks_it_is_as_near_as_straight_lines_between_soundings(): void
    {
        $bottoms = [
            static fn (float $x, float $y): float => 6 + 3 * sin($x / 40) + 2 * cos($y / 55),
            static fn (float $x, float $y): float => 4 + 9 * exp(-(($x - 90) ** 2 + ($y - 120) ** 2) / 3200),
            static fn (float $x, float $y): float => 12 - 0.02 * $x - 5 / (1 + exp(-($y - 0.4 * $x - 60) / 12)),
        ];
        foreach ($bottoms as $bottom) {
            $soundings = array_map(static fn (array $one): array => [$one[0], $one[1], $bottom($one[0], $one[1])], $this->tracks(400));
            $ground = Ground::of($soundings, 40.0);
            [$ours, $straight] = [0.0, 0.0];
            for ($i = 0; $i < 150; $i++) {
                [$x, $y] = [$this->between(12, 186), $this->between(12, 202)];
                // The triangle around a place lies between the soundings nearest to it.
                $near = $soundings;
                usort($near, static fn (array $a, array $b): int => hypot($a[0] - $x, $a[1] - $y) <=> hypot($b[0] - $x, $b[1] - $y));
                $looked = self::byLooking(array_slice($near, 0, 22), $x, $y) ?? self::fail('it lies between soundings');
                $ours += ($ground->depthAt($x, $y, 40.0) - $bottom($x, $y)) ** 2;
                $straight += ($looked - $bottom($x, $y)) ** 2;
            }
            self::assertLessThanOrEqual(1.05, sqrt($ours / $straight));
            self::assertLessThan(0.6, sqrt($ours / 150), 'and near to the truth, m');
        }
    }

    public function test_where_nothing_was_sounded_nothing_is_known(): void
    {
        $ground = Ground::of([[0, 0, 3], [10, 0, 5], [20, 0, 4]], 15.0);
        self::assertEqualsWithDelta(4.0, $ground->depthAt(5, 0, 15.0), 1e-6, 'half-way along a single line');
        $three = Ground::of([[0, 0, 2], [12, 0, 8], [6, 9, 5]], 15.0);
        self::assertEqualsWithDelta(4.0, $three->depthAt(4, 0, 15.0), 1e-9, 'on the edge of what was sounded');
        self::assertEqualsWithDelta(3.0, $three->depthAt(2, 3 - 1e-7, 15.0), 1e-6, 'and on a slanting one');
        self::assertNull($ground->depthAt(36, 0, 15.0));
        self::assertNotNull($ground->depthAt(33, 0, 15.0), 'beyond the last, within reach');
        self::assertNull(Ground::of([], 15.0)->depthAt(0, 0, 15.0));
        self::assertEqualsWithDelta(2.0, Ground::of([[1, 1, 2]], 15.0)->depthAt(5, 5, 15.0), 1e-9);
        $two = Ground::of([[1, 1, 2], [1.03, 1, 3]], 15.0);
        self::assertEqualsWithDelta(2.5, $two->depthAt(1.015, 1, 15.0), 1e-9, 'two within 5 cm are one');
    }

    public function test_nonsense_is_refused(): void
    {
        foreach ([
            static fn () => Ground::of([[0, 0, 1]], 0.0), static fn () => Ground::of([[1e9, 0, 1]], 5.0),
            static fn () => Tide::of(1.0, [new TideWave(-1.0, 28.98, 0.0)]), static fn () => Tide::of(1.0, [])->turns(5.0, 1.0),
            static fn () => SunDay::of(91.0, 0.0, '2026-01-01', 0.0), static fn () => SunDay::of(0.0, 0.0, '2026-02-30', 0.0),
            static fn () => SunDay::of(0.0, 0.0, '2026-02-20', 2000.0),
        ] as $nonsense) {
            try {
                $nonsense();
                self::fail('taken');
            } catch (InvalidInput $bad) {
                self::assertStringEndsWith('.', $bad->getMessage());
            }
        }
    }

    public function test_one_wave_turns_at_its_crest_and_trough(): void
    {
        // 30° an hour: crests at phase/30 = 2 h and each 12 h after, troughs half-way between.
        $tide = Tide::of(1.5, [new TideWave(1.0, 30.0, 60.0)]);
        $turns = $tide->turns(0.0, 24.0);
        self::assertEqualsWithDelta([2.0, 8.0, 14.0, 20.0], array_map(static fn ($turn): float => $turn->atH, $turns), 1e-6);
        self::assertSame([true, false, true, false], array_map(static fn ($turn): bool => $turn->high, $turns));
        self::assertEqualsWithDelta(2.5, $turns[0]->heightM, 1e-9);
        self::assertEqualsWithDelta(0.0, $tide->risingMH(2.0), 1e-9);
        self::assertCount(1, $tide->turns(2.0, 14.0), 'strictly between');
        self::assertSame([], Tide::of(1.5, [])->turns(0.0, 24.0));
    }

    public function test_days_are_as_long_as_they_should_be(): void
    {
        $equator = SunDay::of(0.0, 0.0, '2026-03-20', 0.0);
        // Twelve hours, and the few minutes that refraction and the sun's width add: 2 × 0.833° × 4 min = 6.7.
        self::assertEqualsWithDelta(726.7, $equator->sunset - $equator->sunrise, 1.0);
        self::assertNull(SunDay::of(75.0, 0.0, '2026-06-21', 0.0)->sunset);
        self::assertNull(SunDay::of(75.0, 0.0, '2026-12-21', 0.0)->sunrise);
        $north = SunDay::of(52.0, 10.0, '2026-06-21', 120.0);
        $south = SunDay::of(-52.0, 10.0, '2026-06-21', 120.0);
        self::assertGreaterThan($south->sunset - $south->sunrise + 400, $north->sunset - $north->sunrise);
        self::assertTrue($north->civilDawn < $north->sunrise && $north->civilDusk > $north->sunset);
    }

    /**
     * @param  list<array{float, float, float}>  $soundings
     * @return float|null by looking at all triangles; null outside
     */
    private static function byLooking(array $soundings, float $x, float $y): ?float
    {
        $count = count($soundings);
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                for ($c = $b + 1; $c < $count; $c++) {
                    [[$ax, $ay, $ad], [$bx, $by, $bd], [$cx, $cy, $cd]] = [$soundings[$a], $soundings[$b], $soundings[$c]];
                    $area = ($bx - $ax) * ($cy - $ay) - ($cx - $ax) * ($by - $ay);
                    if (abs($area) < 1e-9) {
                        continue;
                    }
                    $u = (($x - $ax) * ($cy - $ay) - ($cx - $ax) * ($y - $ay)) / $area;
                    $v = (($bx - $ax) * ($y - $ay) - ($x - $ax) * ($by - $ay)) / $area;
                    if ($u < 0 || $v < 0 || $u + $v > 1) {
                        continue;
                    }
                    $d = 2 * ($ax * ($by - $cy) + $bx * ($cy - $ay) + $cx * ($ay - $by));
                    [$as, $bs, $cs] = [$ax ** 2 + $ay ** 2, $bx ** 2 + $by ** 2, $cx ** 2 + $cy ** 2];
                    $mx = ($as * ($by - $cy) + $bs * ($cy - $ay) + $cs * ($ay - $by)) / $d;
                    $my = ($as * ($cx - $bx) + $bs * ($ax - $cx) + $cs * ($bx - $ax)) / $d;
                    $round = hypot($ax - $mx, $ay - $my) - 1e-9;
                    foreach ($soundings as [$px, $py]) {
                        if (hypot($px - $mx, $py - $my) < $round) {
                            continue 2;
                        }
                    }

                    return $ad + $u * ($bd - $ad) + $v * ($cd - $ad);
                }
            }
        }

        return null;
    }

    /** @return list<array{float, float, float}> along ten tracks over a made-up bottom */
    private function tracks(int $count): array
    {
        $soundings = [];
        for ($track = 0; $track < 10; $track++) {
            for ($i = 0; $i < $count / 10; $i++) {
                [$x, $y] = [22 * $track + $this->between(-1, 1), $i * 2200 / $count];
                $soundings[] = [$x, $y, 6 + 3 * sin($x / 40) + 2 * cos($y / 55)];
            }
        }

        return $soundings;
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1e6;
    }
}
