<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Plan\Area;
use Eskith\Core\Cadence\Plan\DriftPlan;
use Eskith\Core\Cadence\Plan\FanPlan;
use Eskith\Core\Cadence\Plan\Lane;
use Eskith\Core\Cadence\Plan\WallPlan;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What plans promise, over random walls, sectors and areas. */
final class PlanTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(13));
    }

    public function test_casts_along_a_straight_wall_stand_square_to_it_and_aim_past_the_landing(): void
    {
        // 10 m east, at most 4 m apart: three gaps of 3.33 m. On the right of walking east is south.
        $plan = WallPlan::of([new Position(0, 0), new Position(10, 0)], 4.0, 5.0, false, 2.0);

        self::assertCount(4, $plan->casts);
        self::assertEqualsWithDelta([10 / 3, 0.0], $plan->casts[1]->lands->pair(), 1e-9);
        self::assertEqualsWithDelta([10 / 3, -5.0], $plan->casts[1]->stand->pair(), 1e-9);
        self::assertEqualsWithDelta([10 / 3, 2.0], $plan->casts[1]->aim->pair(), 1e-9);
        self::assertSame([], $plan->notes);
        self::assertEqualsWithDelta([0.0, 5.0], WallPlan::of([new Position(0, 0), new Position(9, 0)], 4.0, 5.0, true, 0.0)->casts[0]
            ->stand->pair(), 1e-9, 'left of walking east is north');
    }

    public function test_at_a_corner_one_stands_on_the_bisector(): void
    {
        // East, then north: inside of the turn is left, toward north-west.
        $plan = WallPlan::of([new Position(0, 0), new Position(6, 0), new Position(6, 6)], 6.0, 3.0, true, 0.0);

        self::assertEqualsWithDelta([6 - 3 / M_SQRT2, 3 / M_SQRT2], $plan->casts[1]->stand->pair(), 1e-9);
    }

    public function test_a_stand_too_near_to_or_behind_another_leg_is_named(): void
    {
        // A slot 4 m wide, walked down one side and up the other, fished from 5 m inside: behind the other side.
        $slot = [new Position(0, 0), new Position(0, -20), new Position(4, -20), new Position(4, 0)];
        $plan = WallPlan::of($slot, 2.0, 5.0, true, 0.0);
        self::assertSame('Stand 1 is behind another part of the line: cast from elsewhere.', $plan->notes[0]);
        // From 3 m: 1 m from the other side is nearer than 1.5.
        self::assertSame(
            'Stand 1 is nearer than half the stand-off to another part of the line.',
            WallPlan::of($slot, 2.0, 3.0, true, 0.0)->notes[0],
        );
        // Outside the slot nobody is in the way.
        self::assertSame([], WallPlan::of($slot, 2.0, 3.0, false, 0.0)->notes);
    }

    public function test_walls_keep_their_promises(): void
    {
        for ($n = 0; $n < 200; $n++) {
            $points = [new Position(0, 0)];
            for ($i = $this->random->getInt(1, 8); $i > 0; $i--) {
                $points[] = $points[count($points) - 1]->plus($this->between(-30, 30), $this->between(-30, 30));
            }
            [$spacing, $off, $past] = [$this->between(0.5, 12), $this->between(1, 15), $this->between(0, 6)];
            $plan = WallPlan::of($points, $spacing, $off, $this->random->getInt(0, 1) === 1, $past);
            $length = 0.0;
            for ($i = 1; $i < count($points); $i++) {
                $length += $points[$i - 1]->distanceTo($points[$i]);
            }
            self::assertLessThanOrEqual(ceil($length / $spacing) + count($points), count($plan->casts));
            self::assertEqualsWithDelta($points[0]->pair(), $plan->casts[0]->lands->pair(), 1e-6);
            self::assertEqualsWithDelta($points[count($points) - 1]->pair(), $plan->casts[count($plan->casts) - 1]->lands->pair(), 1e-6);
            foreach ($plan->casts as $cast) {
                self::assertEqualsWithDelta($off, $cast->stand->distanceTo($cast->lands), 1e-6);
                self::assertEqualsWithDelta($off + $past, $cast->stand->distanceTo($cast->aim), 1e-6, 'beyond, as seen from the stand');
            }
            for ($i = 1; $i < count($points); $i++) {
                foreach ([0.0, 0.21, 0.5, 0.77, 1.0] as $share) {
                    $at = $points[$i - 1]->plus(
                        $share * ($points[$i]->east - $points[$i - 1]->east), $share * ($points[$i]->north - $points[$i - 1]->north),
                    );
                    $near = min(array_map(static fn ($cast): float => $cast->lands->distanceTo($at), $plan->casts));
                    self::assertLessThanOrEqual($spacing / 2 + 1e-6, $near);
                }
            }
        }
    }

    public function test_fans_leave_nothing_out(): void
    {
        for ($n = 0; $n < 200; $n++) {
            $stand = new Position($this->between(-50, 50), $this->between(-50, 50));
            $from = $this->between(-90, 360);
            $wide = $n % 4 === 0 ? $this->between(180, 360) : $this->between(1, 180);
            $far = $this->between(5, 60);
            $near = $this->between(0, $far);
            $lane = $n % 7 === 0 ? $this->between($far, 3 * $far) : $this->between(0.5, 8);
            $plan = FanPlan::of($stand, $from, $from + $wide, $near, $far, $lane);
            self::assertLessThanOrEqual(ceil($far * deg2rad($wide) / $lane) + 1, count($plan->casts));
            for ($i = 0; $i < 60; $i++) {
                $bearing = deg2rad($i === 0 ? $from : ($i === 1 ? $from + $wide : $from + $this->between(0, $wide)));
                $out = $i % 3 === 0 ? $far : $this->between($near, $far);
                $at = $stand->plus($out * sin($bearing), $out * cos($bearing));
                $away = min(array_map(static fn ($cast): float => $at->distanceToWay($cast->stand, $cast->aim), $plan->casts));
                self::assertLessThanOrEqual($lane / 2 + 1e-6, $away);
            }
        }
    }

    public function test_a_square_is_drifted_in_as_many_lanes_as_it_is_wide(): void
    {
        // 30 m wide, lanes of 10 m: three, each from half a lane inside to half a lane inside, for a corner 5 m off across is
        // reached only from the very edge: √(5² − 5²) = 0. So 40 m each, drifting north.
        $plan = DriftPlan::of(Area::of($this->box(0, 0, 30, 40)), 0.0, 0.5, 10.0, 2.0);

        self::assertCount(3, $plan->lanes);
        foreach ($plan->lanes as $lane) {
            self::assertEqualsWithDelta([0.0, 40.0], [$lane->start->north, $lane->end->north], 1e-9);
        }
        // 120 m at 0.5 m/s are 240 s; back twice over √(40² + 10²) = 41.23 m at 2 m/s are 41.23 s.
        self::assertEqualsWithDelta((240 + sqrt(1700)) / 60, $plan->minutes, 1e-9);
    }

    public function test_each_tooth_of_a_comb_is_a_lane_of_its_own(): void
    {
        // Three teeth of 8 m north from a back of 4 m, drifted east: the strip along the back is whole, those above have three parts.
        $comb = Area::of([
            new Position(0, 0), new Position(50, 0), new Position(50, 12), new Position(40, 12), new Position(40, 4), new Position(30, 4),
            new Position(30, 12), new Position(20, 12), new Position(20, 4), new Position(10, 4), new Position(10, 12), new Position(0, 12),
        ]);
        $plan = DriftPlan::of($comb, 90.0, 0.4, 4.0, 2.0);
        self::assertCount(1 + 3 + 3, $plan->lanes);
        self::assertCovered($comb, $plan->lanes, 4.0);
        // Drifted north there are 13 strips, each with one part.
        self::assertCount(13, DriftPlan::of($comb, 0.0, 0.4, 4.0, 2.0)->lanes);
    }

    public function test_areas_are_covered_in_few_lanes_whatever_their_shape(): void
    {
        for ($n = 0; $n < 60; $n++) {
            $area = $this->star($this->random->getInt(3, 14));
            [$bearing, $wide] = [$this->between(0, 360), $this->between(1.5, 25)];
            $plan = DriftPlan::of($area, $bearing, 0.4, $wide, 2.0);
            self::assertCovered($area, $plan->lanes, $wide);
            [$sin, $cos] = [sin(deg2rad($bearing)), cos(deg2rad($bearing))];
            $across = array_map(static fn (Position $at): float => $at->east * $cos - $at->north * $sin, $area->corners);
            $count = (int) ceil((max($across) - min($across)) / $wide);
            $strip = (max($across) - min($across)) / $count;
            $parts = 0;
            for ($i = 0; $i < $count; $i++) {
                $parts += $this->parts($area, $sin, $cos, min($across) + $i * $strip, $strip);
            }
            self::assertLessThanOrEqual($parts, count($plan->lanes));
            foreach ($plan->lanes as $lane) {
                $way = [$lane->end->east - $lane->start->east, $lane->end->north - $lane->start->north];
                self::assertEqualsWithDelta(0.0, $way[0] * $cos - $way[1] * $sin, 1e-6, 'along the drift');
                self::assertGreaterThanOrEqual(-1e-9, $way[0] * $sin + $way[1] * $cos, 'with it');
            }
            $this->demandShort($area, $plan->lanes, $wide);
        }
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function nonsense(): iterable
    {
        $at = static fn (float $east, float $north): Position => new Position($east, $north);
        yield 'one point' => [static fn () => WallPlan::of([$at(0, 0), $at(0, 0)], 2, 5, true, 0), 'points'];
        yield 'no spacing' => [static fn () => WallPlan::of([$at(0, 0), $at(9, 0)], 0, 5, true, 0), 'spacing_m'];
        yield 'on the wall' => [static fn () => WallPlan::of([$at(0, 0), $at(9, 0)], 2, 0, true, 0), 'stand_off_m'];
        yield 'short of it' => [static fn () => WallPlan::of([$at(0, 0), $at(9, 0)], 2, 5, true, -1), 'aim_past_m'];
        yield 'too many' => [static fn () => WallPlan::of([$at(0, 0), $at(9000, 0)], 0.1, 5, true, 0), 'spacing_m'];
        yield 'no sector' => [static fn () => FanPlan::of($at(0, 0), 90, 90, 5, 20, 2), 'to_deg'];
        yield 'twice round' => [static fn () => FanPlan::of($at(0, 0), 0, 361, 5, 20, 2), 'to_deg'];
        yield 'near beyond far' => [static fn () => FanPlan::of($at(0, 0), 0, 90, 25, 20, 2), 'near_m'];
        yield 'a line' => [static fn () => Area::of([$at(0, 0), $at(5, 5), $at(9, 9)]), 'area'];
        yield 'a bow tie' => [static fn () => Area::of([$at(0, 0), $at(5, 5), $at(5, 0), $at(0, 5)]), 'area'];
        yield 'touching itself' => [static fn () => Area::of([$at(0, 0), $at(10, 0), $at(10, 10), $at(5, 0), $at(0, 10)]), 'area'];
        yield 'a corner on the far side of an edge' => [
            static fn () => Area::of([$at(0, 0), $at(10, 0), $at(10, 10), $at(0, 10), $at(0, 8), $at(10, 6), $at(0, 4)]), 'area',
        ];
        yield 'a corner on an edge from beyond' => [
            static fn () => Area::of([
                $at(0, 0), $at(5, 0), $at(5, 9), $at(9, 9), $at(5, 5), $at(9, 0), $at(12, 0), $at(12, 12), $at(0, 12),
            ]), 'area',
        ];
        yield 'over itself' => [static fn () => Area::of([$at(0, 0), $at(10, 0), $at(5, 0), $at(5, 5)]), 'area'];
        $square = static fn (): Area => Area::of([$at(0, 0), $at(9, 0), $at(9, 9), $at(0, 9)]);
        yield 'a bearing beyond ten rounds' => [static fn () => FanPlan::of($at(0, 0), 3601, 3700, 2, 20, 3), 'to_deg'];
        yield 'a fan that goes back' => [static fn () => FanPlan::of($at(0, 0), 40, 30, 2, 20, 3), 'to_deg'];
        yield 'no drift' => [static fn () => DriftPlan::of($square(), 0, 0, 3, 2), 'speed_ms'];
        yield 'no motor' => [static fn () => DriftPlan::of($square(), 0, 0.4, 3, 0), 'motor_ms'];
        yield 'no lane' => [static fn () => DriftPlan::of($square(), 0, 0.4, 0, 2), 'lane_m'];
        yield 'a hair' => [static fn () => DriftPlan::of($square(), 0, 0.4, 0.001, 2), 'lane_m'];
    }

    /** @param  \Closure(): mixed  $plan */
    #[DataProvider('nonsense')]
    public function test_what_cannot_be_planned_names_its_field(\Closure $plan, string $field): void
    {
        try {
            $plan();
            self::fail('planned');
        } catch (InvalidInput $bad) {
            self::assertSame($field, $bad->field);
            self::assertStringEndsWith('.', $bad->getMessage());
        }
    }

    /**
     * No point of the area is farther than half a lane from one.
     *
     * @param  list<Lane>  $lanes
     */
    private function assertCovered(Area $area, array $lanes, float $wide): void
    {
        foreach ($this->within($area, 120) as $at) {
            $away = min(array_map(static fn (Lane $lane): float => $at->distanceToWay($lane->start, $lane->end), $lanes));
            self::assertLessThanOrEqual($wide / 2 + 1e-6, $away);
        }
    }

    /**
     * Cut a little shorter at either end, no lane would do any more: it goes no farther than it has to.
     *
     * @param  list<Lane>  $lanes
     */
    private function demandShort(Area $area, array $lanes, float $wide): void
    {
        foreach ($lanes as $lane) {
            foreach ([$lane->start, $lane->end] as $end) {
                $out = min(array_map(static fn (array $edge): float => $end->distanceToWay(...$edge), $area->edges()));
                self::assertTrue($out <= $wide / 2 + 1e-6 || self::contains($area, $end), 'a lane ends within half a lane of the area');
            }
        }
    }

    /** Connected parts of the area in a strip, counted on a fine grid; thin necks may part what is one, so it is an upper bound. */
    private function parts(Area $area, float $sin, float $cos, float $low, float $strip): int
    {
        $along = array_map(static fn (Position $at): float => $at->east * $sin + $at->north * $cos, $area->corners);
        $columns = 100;
        $rows = 10;
        $inside = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $x = min($along) + ($column + 0.5) * (max($along) - min($along)) / $columns;
                $y = $low + ($row + 0.5) * $strip / $rows;
                $inside[$row][$column] = self::contains($area, new Position($x * $sin + $y * $cos, $x * $cos - $y * $sin));
            }
        }
        $parts = 0;
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                if (! $inside[$row][$column]) {
                    continue;
                }
                $parts++;
                $open = [[$row, $column]];
                while ($open !== []) {
                    [$r, $c] = array_pop($open);
                    if ($inside[$r][$c] ?? false) {
                        $inside[$r][$c] = false;
                        array_push($open, [$r - 1, $c], [$r + 1, $c], [$r, $c - 1], [$r, $c + 1]);
                    }
                }
            }
        }

        // What is thinner than the grid is a part too.
        return max(1, $parts) + 1;
    }

    /** @return list<Position> corners, points of the edges, and others inside */
    private function within(Area $area, int $count): array
    {
        $found = $area->corners;
        foreach ($area->edges() as [$from, $to]) {
            $share = $this->between(0, 1);
            $found[] = $from->plus($share * ($to->east - $from->east), $share * ($to->north - $from->north));
        }
        $east = array_map(static fn (Position $at): float => $at->east, $area->corners);
        $north = array_map(static fn (Position $at): float => $at->north, $area->corners);
        for ($i = 0; $i < $count; $i++) {
            $at = new Position($this->between(min($east), max($east)), $this->between(min($north), max($north)));
            $found = self::contains($area, $at) ? [...$found, $at] : $found;
        }

        return $found;
    }

    private static function contains(Area $area, Position $at): bool
    {
        $inside = false;
        foreach ($area->edges() as [$a, $b]) {
            if (($a->north > $at->north) !== ($b->north > $at->north)
                && $at->east < ($b->east - $a->east) * ($at->north - $a->north) / ($b->north - $a->north) + $a->east) {
                $inside = ! $inside;
            }
        }

        return $inside;
    }

    /** A star-shaped area, mostly concave. */
    private function star(int $corners): Area
    {
        $found = [];
        for ($i = 0; $i < $corners; $i++) {
            $angle = 2 * M_PI * ($i + $this->between(0.1, 0.9)) / $corners;
            $out = $this->between(8, 60);
            $found[] = new Position(100 + $out * cos($angle), -40 + $out * sin($angle));
        }

        return Area::of($found);
    }

    /** @return list<Position> */
    private function box(float $west, float $south, float $east, float $north): array
    {
        return [new Position($west, $south), new Position($east, $south), new Position($east, $north), new Position($west, $north)];
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1e6;
    }
}
