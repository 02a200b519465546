<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Signs;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The water itself: against published values, and flows against plain summation. */
final class WaterTest extends TestCase
{
    /** @return iterable<string, array{float, float, float}> */
    public static function densities(): iterable
    {
        // Standard tables of pure water, kg/m³.
        yield 'freezing' => [0.0, 0.0, 999.84];
        yield 'heaviest' => [4.0, 0.0, 999.97];
        yield 'cool' => [10.0, 0.0, 999.70];
        yield 'mild' => [15.0, 0.0, 999.10];
        yield 'warm' => [20.0, 0.0, 998.21];
        yield 'hot' => [30.0, 0.0, 995.65];
        yield 'sea' => [10.0, 35.0, 1027.0];
    }

    #[DataProvider('densities')]
    public function test_density_agrees_with_tables(float $celsius, float $salinity, float $density): void
    {
        self::assertEqualsWithDelta($density, Water::of($celsius, $salinity)->densityKgM3, $salinity > 0 ? 0.6 : 0.05);
    }

    public function test_viscosity_agrees_with_tables_and_falls_with_warmth(): void
    {
        foreach ([0.0 => 1.79e-3, 10.0 => 1.307e-3, 20.0 => 1.002e-3, 30.0 => 0.798e-3] as $celsius => $viscosity) {
            self::assertEqualsWithDelta($viscosity, Water::of((float) $celsius)->viscosityPaS, 0.03 * $viscosity);
        }
        self::assertGreaterThan(Water::of(10)->viscosityPaS, Water::of(10, 35)->viscosityPaS);
        self::assertGreaterThan(Water::of(20)->viscosityPaS, Water::of(5)->viscosityPaS);
    }

    public function test_water_outside_what_is_fished_is_refused(): void
    {
        foreach ([[-3.0, 0.0], [41.0, 0.0], [NAN, 0.0], [10.0, -1.0], [10.0, 46.0]] as [$celsius, $salinity]) {
            try {
                Water::of($celsius, $salinity);
                self::fail("{$celsius} °C and {$salinity} g/kg were taken.");
            } catch (InvalidInput $bad) {
                self::assertStringEndsWith('.', $bad->getMessage());
            }
        }
    }

    /** @return iterable<string, array{float, float, Profile}> */
    public static function flows(): iterable
    {
        foreach (Profile::cases() as $profile) {
            foreach ([
                [0.0, 0.0], [0.5, 0.0], [0.0, 0.3], [0.55, 0.48], [0.55, 0.55], [-0.4, 0.2], [-0.5, -0.3], [0.3, 0.6],
            ] as [$current, $boat]) {
                yield "{$profile->value} {$current} {$boat}" => [$current, $boat, $profile];
            }
        }
    }

    #[DataProvider('flows')]
    public function test_a_flow_sums_up_as_plain_summation_does(float $current, float $boat, Profile $profile): void
    {
        $flow = Flow::of($current, $boat, $profile);
        $steps = 20_000;
        [$push, $mean, $square] = [0.0, 0.0, 0.0];
        $halfway = 0.0;
        for ($i = 0; $i < $steps; $i++) {
            $u = $flow->at(($i + 0.5) / $steps);
            $push += $u * abs($u) / $steps;
            $mean += $u / $steps;
            $square += $u * $u / $steps;
            $halfway = $i === intdiv($steps, 2) - 1 ? $push : $halfway;
        }
        self::assertEqualsWithDelta($push, $flow->pushUpTo(1.0), 2e-5);
        self::assertEqualsWithDelta($halfway, $flow->pushUpTo(0.5), 2e-5);
        self::assertEqualsWithDelta($mean, $flow->mean(), 2e-5);
        self::assertEqualsWithDelta(sqrt($square), $flow->rms(), 2e-5);
        self::assertSame(0.0, abs($flow->pushUpTo(0.0)));
    }

    public function test_where_a_rivers_flow_turns_round(): void
    {
        self::assertNull(Flow::of(0.5, 0.0, Profile::River)->turnsAt());
        self::assertNull(Flow::of(0.5, 0.6, Profile::River)->turnsAt());
        self::assertNull(Flow::of(0.5, -0.1, Profile::River)->turnsAt());
        self::assertNull(Flow::of(0.5, 0.3)->turnsAt());
        $turn = Flow::of(0.5, 0.4, Profile::River)->turnsAt();
        self::assertEqualsWithDelta(0.8, $turn, 1e-12);
        self::assertEqualsWithDelta(0.0, Flow::of(0.5, 0.4, Profile::River)->at((float) $turn ** 7), 1e-12);
    }

    public function test_drift_from_wind(): void
    {
        self::assertEqualsWithDelta(0.14, Flow::driftFromWind(4.0), 1e-9);
        self::assertEqualsWithDelta(0.2, Flow::driftFromWind(4.0, 0.05), 1e-9);
    }

    public function test_drag_of_a_line_across_the_flow(): void
    {
        $water = Water::of(20);
        self::assertSame(0.0, WaterColumn::cylinderDrag(0.0, 0.0002, $water));
        // Measured cylinders: about 10 at Re 1, 2.8 at Re 10, 1.4 at Re 100, 1.0 at Re 1000.
        foreach ([[1.0, 9.9], [10.0, 2.7], [100.0, 1.45], [1000.0, 1.0]] as [$re, $drag]) {
            $speed = $re * $water->viscosityPaS / ($water->densityKgM3 * 0.0002);
            self::assertEqualsWithDelta($drag, WaterColumn::cylinderDrag($speed, 0.0002, $water), 0.12 * $drag, "Re {$re}");
        }
    }

    public function test_a_lure_weighs_less_in_water(): void
    {
        $body = Body::of(Family::Blade, 0.0142);
        self::assertEqualsWithDelta(0.0142 * 9.80665 * (1 - 1 / 9.5), $body->netWeightN(Water::of(4)), 1e-5);
        self::assertLessThan($body->netWeightN(Water::of(4)), $body->netWeightN(Water::of(4, 35)));
        self::assertEqualsWithDelta(
            4.0, Body::of(Family::Spoon, 0.08)->areaM2 / Body::of(Family::Spoon, 0.01)->areaM2, 1e-9,
            'eight times the weight, four times the face',
        );
    }

    public function test_steeper_falls_faster_and_a_taut_spoon_faster_than_a_fluttering_one(): void
    {
        self::assertEqualsWithDelta(2.7, Attitude::hanging(0)->dragFalling, 1e-12);
        self::assertEqualsWithDelta(1.15, Attitude::hanging(90)->dragFalling, 1e-12);
        self::assertEqualsWithDelta(Attitude::hanging(30)->dragFalling, Attitude::hanging(-30)->dragFalling, 1e-12);
        foreach ([Family::Spoon, Family::BladedSpoon] as $spoon) {
            self::assertLessThan(Attitude::usual($spoon, null)->dragFalling, Attitude::tight($spoon, null)->dragFalling);
        }
        self::assertLessThan(
            Attitude::of(Family::TailSpinner, 'spinning')->dragFalling,
            Attitude::of(Family::TailSpinner, 'stalled')->dragFalling,
        );
        self::assertEqualsWithDelta(
            Attitude::hanging(35)->dragFalling, Attitude::usual(Family::Blade, null)->dragFalling, 1e-12,
            'a blade without holes hangs at the estimate',
        );
        self::assertTrue(Attitude::measured(2.0)->measured);
    }

    public function test_every_family_that_falls_the_wrong_way_is_told_its_own_ways(): void
    {
        foreach ([
            [Family::Blade, 'flutter'], [Family::Spoon, 'spinning'], [Family::BladedSpoon, 35.0], [Family::TailSpinner, 'taut'],
            [Family::Blade, 200.0],
        ] as [$family, $how]) {
            try {
                Attitude::of($family, $how);
                self::fail("{$family->value} fell {$how}.");
            } catch (InvalidInput $bad) {
                self::assertSame('attitude', $bad->field);
            }
        }
    }

    public function test_usual_proportions_grow_with_the_cube_root(): void
    {
        $half = Proportions::size(Family::Blade, 0.01417);
        $whole = Proportions::size(Family::Blade, 0.01417 * 8);
        self::assertEqualsWithDelta(2.0, $whole->x / $half->x, 0.01);
        foreach ([
            0 => [], 1 => ['middle'], 2 => ['front', 'back'], 3 => ['front', 'middle', 'back'],
            4 => ['front', 'second', 'third', 'back'],
        ] as $count => $names) {
            $holes = Proportions::holes($half, $count);
            self::assertSame($names, array_column($holes, 'name'));
            foreach ($holes as $i => $hole) {
                self::assertGreaterThan($i === 0 ? 0 : $holes[$i - 1]->at->x, $hole->at->x);
                self::assertLessThan($half->x, $hole->at->x);
            }
        }
        self::assertSame([], Proportions::holes($half, 9));
    }

    public function test_what_was_not_read_stays_unknown(): void
    {
        self::assertNull((new Conditions)->flow());
        self::assertNull((new Conditions(boatMs: 0.2))->flow(), 'a boat that moves tells nothing of the water under it');
        self::assertNull((new Conditions(currentMs: 0.2))->flow(), 'nor a current of the boat');
        self::assertEqualsWithDelta(-0.2, (new Conditions(currentMs: 0.0, boatMs: 0.2))->flow()?->mean(), 1e-12);
        self::assertEqualsWithDelta(8.0, (new Conditions)->water()->celsius, 1e-12, 'taken for density only');
    }

    /** @return iterable<string, array{array{string|null, string|null, string|null, string|null, bool|null}, list<string>}> */
    public static function signs(): iterable
    {
        yield 'none' => [[null, null, null, null, null], []];
        yield 'nothing to say' => [['normal', 'steady', 'none', 'none', false], []];
        yield 'green weed' => [[null, null, 'green', null, null], ['Green weed holds fish']];
        yield 'dying weed' => [[null, null, 'dying', null, null], ['Dying weed lets fish go']];
        yield 'birds' => [[null, null, null, null, true], ['Working birds mean active fish']];
        yield 'chased bait' => [[null, null, null, 'chased', false], ['Chased bait means active fish']];
        yield 'both once' => [[null, null, null, 'chased', true], ['Birds and chased bait mean active fish']];
        yield 'some bait says nothing' => [[null, null, null, 'some', null], []];
        yield 'flood' => [['high', null, null, null, null], ['High or rising water']];
        yield 'rising' => [['low', 'rising', null, null, null], ['High or rising water']];
        yield 'falling' => [['normal', 'falling', null, null, null], ['Falling water pulls fish off the flats']];
    }

    /**
     * @param  array{string|null, string|null, string|null, string|null, bool|null}  $read
     * @param  list<string>  $starts
     */
    #[DataProvider('signs')]
    public function test_signs(array $read, array $starts): void
    {
        $said = Signs::read(...$read);
        self::assertCount(count($starts), $said);
        foreach ($starts as $i => $start) {
            self::assertStringStartsWith($start, $said[$i]);
        }
    }
}
