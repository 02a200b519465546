<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Drop\AngleFix;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\Lean;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\SonarCircle;
use Eskith\Core\Drop\Swing;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Drop\WeightChart;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\TestCase;

/** What must hold of the drop whatever the figures. */
final class DropPropertiesTest extends TestCase
{
    public function test_line_angle_falls_with_weight_and_rises_with_depth_drift_and_diameter(): void
    {
        $angle = fn (float $kg, float $depth, float $drift, float $d): float => abs(
            Lean::of($this->blade($kg), $this->stretch($depth, $drift, $d))->angleDeg(),
        );
        foreach ([0.003, 0.007, 0.0142, 0.028] as $kg) {
            foreach ([3.0, 9.0, 22.0] as $depth) {
                foreach ([0.05, 0.2, 0.4] as $drift) {
                    $here = $angle($kg, $depth, $drift, 0.0002);
                    self::assertLessThan($here, $angle($kg * 1.3, $depth, $drift, 0.0002));
                    self::assertGreaterThan($here, $angle($kg, $depth * 1.3, $drift, 0.0002));
                    self::assertGreaterThan($here, $angle($kg, $depth, $drift * 1.3, 0.0002));
                    self::assertGreaterThan($here, $angle($kg, $depth, $drift, 0.00026));
                }
            }
        }
    }

    public function test_no_flow_hangs_straight(): void
    {
        $line = RestingLine::of($this->blade(), $this->stretch(8.0, 0.0));

        self::assertSame([0.0, 8.0, 0.0, true], [$line->lineAngleDeg, $line->lineOutM, $line->offsetM, $line->holds]);
    }

    public function test_the_sign_of_the_flow_mirrors_the_picture(): void
    {
        foreach (Profile::cases() as $profile) {
            foreach ([[0.3, 0.1], [0.0, 0.2], [0.5, 0.45]] as [$current, $boat]) {
                $one = RestingLine::of($this->blade(), WaterColumn::of(7.0, 0.0002, Flow::of($current, $boat, $profile), Water::of(6)));
                $other = RestingLine::of($this->blade(), WaterColumn::of(7.0, 0.0002, Flow::of(-$current, -$boat, $profile), Water::of(6)));
                self::assertEqualsWithDelta($one->offsetM, -$other->offsetM, 1e-9);
                self::assertEqualsWithDelta($one->lineAngleDeg, -$other->lineAngleDeg, 1e-9);
                self::assertEqualsWithDelta($one->lineOutM, $other->lineOutM, 1e-9);
            }
        }
    }

    public function test_nothing_jumps_when_the_boat_slips_at_nearly_the_speed_of_the_river(): void
    {
        $last = null;
        for ($boat = 0.40; $boat <= 0.56; $boat += 0.0005) {
            $line = RestingLine::of($this->blade(), WaterColumn::of(6.0, 0.00022, Flow::of(0.55, $boat, Profile::River), Water::of(6)));
            self::assertNotNull($line->lineAngleDeg);
            if ($last !== null) {
                self::assertEqualsWithDelta($last->lineAngleDeg, $line->lineAngleDeg, 0.25, "at {$boat}");
                self::assertEqualsWithDelta($last->offsetM, $line->offsetM, 0.03, "at {$boat}");
            }
            $last = $line;
        }
    }

    public function test_the_line_as_drawn_ends_where_it_is_said_to_end(): void
    {
        foreach ([[0.3, 0.0, Profile::Uniform], [0.5, 0.1, Profile::River], [0.55, 0.48, Profile::River]] as [$current, $boat, $profile]) {
            $line = RestingLine::of($this->blade(0.02), WaterColumn::of(9.0, 0.0002, Flow::of($current, $boat, $profile), Water::of(6)));
            $points = $line->shape(200);
            $length = 0.0;
            for ($i = 1; $i < count($points); $i++) {
                $length += hypot($points[$i]->acrossM - $points[$i - 1]->acrossM, $points[$i]->heightM - $points[$i - 1]->heightM);
            }
            self::assertEqualsWithDelta($line->offsetM, end($points)->acrossM, 0.002);
            self::assertEqualsWithDelta($line->lineOutM, $length, 0.004);
        }
    }

    public function test_a_flow_that_lifts_it_off_answers_no_figures(): void
    {
        $line = RestingLine::of($this->blade(0.002), $this->stretch(60.0, 1.5, 0.0005));

        self::assertSame(
            [null, null, null, null, false],
            [$line->lineAngleDeg, $line->lineOutM, $line->offsetM, $line->tensionN, $line->holds],
        );
        self::assertSame([], $line->shape());
        self::assertGreaterThan(0, $line->netWeightN);
        self::assertSame(
            ['net_weight_n', 'holds'],
            array_keys(
                Cases::ask(
                    'line',
                    [['family' => 'blade', 'mass_kg' => 0.002, 'depth_m' => 60, 'line_d_m' => 0.0005, 'boat_ms' => 1.5, 'water_c' => 6]],
                )[0],
            ),
        );
    }

    public function test_the_least_weight_is_the_edge(): void
    {
        foreach ([[8.0, 0.2], [15.0, 0.15], [5.0, 0.3]] as [$depth, $drift]) {
            $column = $this->stretch($depth, $drift);
            $least = VerticalLimits::leastMassKg(Family::Blade, $column);
            self::assertNotNull($least);
            self::assertEqualsWithDelta(20.0, abs(Lean::of($this->blade($least), $column)->angleDeg()), 0.001);
            self::assertFalse(VerticalLimits::isVertical($this->blade($least * 0.98), $column));
        }
        self::assertNull(VerticalLimits::leastMassKg(Family::Blade, $this->stretch(60.0, 2.5)));
        self::assertSame(0.0005, VerticalLimits::leastMassKg(Family::Blade, $this->stretch(2.0, 0.0)));
    }

    public function test_the_largest_drift_and_the_thickest_line_are_the_edge(): void
    {
        $column = $this->stretch(10.0, 0.5);
        $drift = VerticalLimits::largestDriftMs($this->blade(), $column);
        $line = VerticalLimits::thickestLineM($this->blade(0.03), $this->stretch(10.0, 0.2));

        self::assertEqualsWithDelta(20.0, abs(Lean::of($this->blade(), $this->stretch(10.0, $drift))->angleDeg()), 0.001);
        self::assertEqualsWithDelta(20.0, abs(Lean::of($this->blade(0.03), $this->stretch(10.0, 0.2, $line))->angleDeg()), 0.001);
        self::assertNull(VerticalLimits::thickestLineM($this->blade(0.005), $this->stretch(30.0, 1.0)));
    }

    public function test_an_angle_read_at_the_rod_gives_the_flow_back(): void
    {
        foreach ([0.05, 0.2, -0.33] as $drift) {
            $angle = Lean::of($this->blade(), $this->stretch(8.0, $drift))->angleDeg();
            self::assertEqualsWithDelta($drift, AngleFix::flow($angle, $this->blade(), $this->stretch(8.0, 0.0))->boatMs, 1e-6);
        }
        $river = WaterColumn::of(6.0, 0.0002, Flow::of(0.4, 0.1, Profile::River), Water::of(6));
        $fixed = AngleFix::flow(
            Lean::of($this->blade(), $river)->angleDeg(), $this->blade(), $river->with(Flow::of(0.0, 0.1, Profile::River)),
        );
        self::assertEqualsWithDelta(0.4, $fixed->surfaceMs, 1e-6);
    }

    public function test_the_chart_says_the_same_as_one_drop_at_a_time(): void
    {
        $bodies = array_map(fn (float $kg): Body => $this->blade($kg), [0.0213, 0.0071, 0.0142]);
        foreach ([[Profile::Uniform, null], [Profile::River, null], [Profile::Uniform, 6.0], [Profile::River, 6.0]] as [$profile, $fish]) {
            $chart = WeightChart::of(
                [3.0, 9.0, 20.0], [-0.2, 0.0, 0.12, 0.3], $bodies, 0.0002, 0.1, $profile, Water::of(5), fishDepthM: $fish,
            );
            foreach ($chart->depthsM as $row => $depth) {
                foreach ($chart->driftsMs as $column => $drift) {
                    $lightest = VerticalLimits::lightestOf(
                        $bodies, WaterColumn::of(
                            $depth, 0.0002, Flow::of(0.1, $drift, $profile), Water::of(5), $fish === null ? null : min($fish, $depth),
                        ),
                    );
                    $index = $chart->lightest[$row][$column];
                    self::assertSame(
                        $lightest?->massKg, $index === null ? null : $chart->bodies[$index]->massKg, "{$depth} m, {$drift} m/s",
                    );
                }
            }
        }
    }

    public function test_a_fall_takes_as_long_as_its_parts(): void
    {
        $fall = Fall::of($this->blade(), Attitude::hanging(35), $this->stretch(12.0, 0.1));

        self::assertEqualsWithDelta(4.0, $fall->depthAfter($fall->secondsTo(4.0)), 1e-9);
        self::assertSame(12.0, $fall->depthAfter($fall->seconds + 1));
        self::assertGreaterThan(2 * $fall->secondsTo(6.0), $fall->seconds, 'the line slows it');
        self::assertEqualsWithDelta(-0.1 * $fall->seconds, $fall->driftM(), 1e-9);
        self::assertGreaterThan($fall->seconds, Fall::of($this->blade(), Attitude::hanging(35), $this->stretch(12.0, 0.1), 0.3)->seconds);
    }

    public function test_a_timed_drop_gives_back_its_own_time(): void
    {
        $column = $this->stretch(8.0, 0.0);
        $drag = Fall::dragFromTimedDrop($this->blade(), $column, 10.0);

        self::assertEqualsWithDelta(10.0, Fall::of($this->blade(), Attitude::measured($drag), $column)->seconds, 1e-6);
        $this->expectException(InvalidInput::class);
        Fall::dragFromTimedDrop($this->blade(), $column, 0.5);
    }

    public function test_a_swing_pulls_in_and_a_cast_shorter_than_the_depth_is_refused(): void
    {
        $swing = Swing::of($this->blade(), Attitude::hanging(35), $this->stretch(3.0, 0.0), 5.0);
        self::assertEqualsWithDelta(4.0, $swing->landsM, 1e-9);
        self::assertEqualsWithDelta(1.0, $swing->pulledInM, 1e-9);

        self::assertGreaterThan(150.0, Swing::of($this->blade(), Attitude::hanging(35), $this->stretch(3.0, 0.0), 200.0)->landsM);
        try {
            Swing::of($this->blade(), Attitude::hanging(35), $this->stretch(3.0, 0.0), 200.5);
            self::fail('No cast goes so far.');
        } catch (InvalidInput $bad) {
            self::assertStringContainsString('at most 200 m', $bad->getMessage());
        }

        $this->expectExceptionMessage('The cast is shorter than the depth');
        Swing::of($this->blade(), Attitude::hanging(35), $this->stretch(5.0, 0.0), 5.0);
    }

    public function test_the_sonar_circle(): void
    {
        $circle = SonarCircle::of(20, 10.0);

        self::assertEqualsWithDelta(3.5265, $circle->diameterM, 0.0005);
        self::assertTrue($circle->shows(-1.7));
        self::assertFalse($circle->shows(1.8));
    }

    public function test_absurd_figures_are_refused_in_words(): void
    {
        foreach ([
            'Depth is more than 0.' => fn () => $this->stretch(0.0, 0.1),
            'Depth is at most 150 m (490 ft).' => fn () => $this->stretch(151.0, 0.1),
            'Drift is at most 6 m/s (13 mph). Check the figure.' => fn () => $this->stretch(5.0, 40.0),
            'Water is −2 to 40 °C (28 to 104 °F).' => fn () => Water::of(204),
            'A lure weighs more than 0.' => fn () => $this->blade(0.0),
            'Line is 0.02 to 3 mm thick.' => fn () => $this->stretch(5.0, 0.1, 0.0),
            'A tail spinner falls "spinning" or "stalled".' => fn () => Attitude::of(Family::TailSpinner, 'flutter'),
        ] as $sentence => $ask) {
            try {
                $ask();
                self::fail("Not refused: {$sentence}");
            } catch (InvalidInput $bad) {
                self::assertSame($sentence, $bad->getMessage());
            }
        }
    }

    private function blade(float $kg = 0.0142): Body
    {
        return Body::of(Family::Blade, $kg);
    }

    private function stretch(float $depth, float $drift, float $diameter = 0.0002): WaterColumn
    {
        return WaterColumn::of($depth, $diameter, Flow::of(0.0, $drift), Water::of(6));
    }
}
