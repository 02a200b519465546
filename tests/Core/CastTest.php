<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Cast;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Runs;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Casts against cases computed by brute force, and lines and falls to fish that hang above the bottom. */
final class CastTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach (Cases::file('cast-cases')['cast'] as $i => ['case' => $case, 'expect' => $expect]) {
            yield "cast {$i}" => [$case, $expect];
        }
    }

    /**
     * @param  array<string, mixed>  $case
     * @param  array<string, mixed>  $expect
     */
    #[DataProvider('cases')]
    public function test_agrees_with_brute_force(array $case, array $expect): void
    {
        [$answer] = Cases::ask('cast', [$case]);

        self::assertSame(array_keys($expect), array_keys($answer));
        foreach ($expect as $key => $value) {
            is_float($value) || is_int($value)
                ? self::assertEqualsWithDelta($value, $answer[$key], max(1e-9, abs($value) * 0.002), $key)
                : self::assertSame($value, $answer[$key], $key);
        }
    }

    public function test_for_fish_that_hang_all_is_of_their_depth_and_what_lies_on_the_bottom_is_not_told(): void
    {
        $case = self::cases()->current()[0];
        [$bottom, $hung, $shallow] = Cases::ask('cast', [
            $case, [...$case, 'fish_depth_m' => $case['depth_m'] / 2], [...$case, 'depth_m' => $case['depth_m'] / 2],
        ]);

        self::assertSame([null, null, null], [$hung['swept'], $hung['lost_lift_m'], $hung['reaches_m']]);
        // In a flow that is the same all the way down only the depth that it goes to counts.
        self::assertEqualsWithDelta($shallow['down_s'], $hung['down_s'], 1e-9);
        self::assertEqualsWithDelta($shallow['lands_m'], $hung['lands_m'], 1e-9);
        self::assertLessThan($bottom['down_s'], $hung['down_s']);
        self::assertEqualsWithDelta(hypot($hung['lands_m'], $case['depth_m'] / 2), $hung['line_m'], 1e-9);
    }

    public function test_where_fish_cannot_be_and_casts_that_come_back_are_refused(): void
    {
        $case = self::cases()->current()[0];
        foreach ([
            'fish_depth_m' => ['fish_depth_m' => 0.0], 'length_m' => ['runs' => 'toward', 'length_m' => 3.0, 'current_ms' => 0.5],
            'cast_m' => ['bail' => 'closed', 'length_m' => 5.0], 'pull_m' => ['pull_m' => 0.0], 'runs' => ['runs' => 'uphill'],
        ] as $field => $wrong) {
            [$answer] = Cases::ask('cast', [[...$case, ...$wrong]], 1);
            self::assertSame($field, $answer['error']['field'] ?? null, json_encode($wrong) ?: '');
        }
        [$answer] = Cases::ask('cast', [[...$case, 'fish_depth_m' => $case['depth_m'] + 0.1]], 1);
        self::assertSame('fish_depth_m', $answer['error']['field'] ?? null);
    }

    /** Away and toward differ by twice what the water carries; a pull is shared between height and way by the slope of the line. */
    public function test_the_water_carries_it_and_a_pull_goes_up_and_along(): void
    {
        $column = WaterColumn::of(6.0, 0.0002, Flow::of(0.3, 0.0, Profile::River), Water::of(8.0));
        $cast = static fn (?Runs $runs): Cast => Cast::of(
            Body::of(Family::Blade, 0.0142), Attitude::hanging(30), $column, 25.0, Bail::Open, $runs,
        );
        $carried = $cast(Runs::Away)->carriedM;
        self::assertGreaterThan(0.5, $carried);
        self::assertEqualsWithDelta(2 * $carried, $cast(Runs::Away)->landsM - $cast(Runs::Toward)->landsM, 1e-9);
        self::assertEqualsWithDelta([25.0, 25.0], [$cast(Runs::Across)->landsM, $cast(null)->landsM], 1e-12);
        $plain = $cast(null);
        self::assertEqualsWithDelta(0.3, hypot($plain->riseM(0.3), $plain->dragM(0.3)), 1e-12);
        self::assertEqualsWithDelta(6.0 / 25.0, $plain->riseM(1.0) / $plain->dragM(1.0), 1e-12);
    }

    /** A lure held in a uniform flow does not know how deep the water below it is. */
    public function test_a_line_to_fish_that_hang_is_that_of_their_depth(): void
    {
        $hung = WaterColumn::of(12.0, 0.0002, Flow::of(0.0, 0.25), Water::of(6.0), 5.0);
        $shallow = WaterColumn::of(5.0, 0.0002, Flow::of(0.0, 0.25), Water::of(6.0));
        $body = Body::of(Family::Blade, 0.0142);
        foreach (['lineAngleDeg', 'lineOutM', 'offsetM', 'tensionN'] as $of) {
            self::assertEqualsWithDelta(RestingLine::of($body, $shallow)->{$of}, RestingLine::of($body, $hung)->{$of}, 1e-9, $of);
        }
        $shape = RestingLine::of($body, $hung)->shape();
        self::assertEqualsWithDelta([7.0, 12.0], [$shape[0]->heightM, end($shape)->heightM], 1e-9);
        $fall = Fall::of($body, Attitude::hanging(30), $hung);
        self::assertEqualsWithDelta(Fall::of($body, Attitude::hanging(30), $shallow)->seconds, $fall->seconds, 1e-12);
        self::assertSame(5.0, $fall->depthAfter(100.0));
        // At the bottom itself it is the line of a lure on the bottom, but for the 15 cm that one is held clear of it.
        $at = WaterColumn::of(5.0, 0.0002, Flow::of(0.3, 0.0, Profile::River), Water::of(6.0), 5.0);
        self::assertEqualsWithDelta(
            RestingLine::of($body, $at->onBottom())->lineOutM, RestingLine::of($body, $at)->lineOutM, 0.05,
        );
    }

    /** A river runs faster up there than by its bed: the line to fish that hang is the sum of what pushes above them alone. */
    public function test_in_a_river_only_what_runs_above_the_fish_pushes_the_line(): void
    {
        $body = Body::of(Family::Spoon, 0.0212);
        $column = WaterColumn::of(8.0, 0.0003, Flow::of(0.5, 0.0, Profile::River), Water::of(10.0), 3.0);
        $weight = $body->netWeightN($column->water);
        $u = 0.5 * (5 / 8) ** (1 / 7);
        $push = 0.5 * $column->water->densityKgM3 * Family::Spoon->definition()->dragAcross * $body->areaM2 * $u * $u;
        $tension = hypot($weight, $push);
        $psi = asinh($push / $weight);
        $length = 0.0;
        for ($steps = 4000, $i = 0; $i < $steps; $i++) {
            $half = 3.0 / $steps / 2;
            $height = 5.0 + (2 * $i + 1) * $half;
            $drag = $column->dragPerM * (0.5 * ($height / 8) ** (1 / 7)) ** 2;
            $length += 2 * $half * cosh($psi + $drag * $half / $tension);
            $psi += 2 * $half * $drag / $tension;
        }
        $line = RestingLine::of($body, $column);
        self::assertEqualsWithDelta($length, $line->lineOutM, 1e-5);
        self::assertEqualsWithDelta(rad2deg(atan(sinh($psi))), $line->lineAngleDeg, 1e-4);
    }

    public function test_a_cast_of_nothing_or_beyond_belief_is_refused(): void
    {
        $column = WaterColumn::of(6.0, 0.0002, Flow::still(), Water::of(8.0));
        foreach ([0.0, -3.0, 201.0, NAN] as $length) {
            try {
                Cast::of(Body::of(Family::Blade, 0.0142), Attitude::hanging(30), $column, $length, Bail::Open);
                self::fail("{$length} was taken");
            } catch (InvalidInput $bad) {
                self::assertSame('length_m', $bad->field);
            }
        }
    }
}
