<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\ClockSweep;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\HopCast;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Cadence\Strike;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\TestCase;

final class CadenceTest extends TestCase
{
    public function test_near_the_boat_a_sweep_is_height_and_far_out_it_is_drag(): void
    {
        $near = ClockSweep::of(10, 12, 2.1, 0.5, 9.0);
        $far = ClockSweep::of(10, 12, 2.1, 25.0, 5.0);

        self::assertGreaterThan(5 * $near->dragM, $near->riseM);
        self::assertGreaterThan(4 * $far->riseM, $far->dragM);
        // By hand: hand 1 m up, rod 2 m from level to straight up, lure 20 m out and 4 m down: √(20² + 7²) − √(18² + 5²).
        self::assertEqualsWithDelta(sqrt(449) - sqrt(349), ClockSweep::of(9, 12, 2.0, 20.0, 4.0)->pulledM, 1e-9);
        $this->expectException(InvalidInput::class);
        ClockSweep::of(12, 10, 2.1, 5.0, 5.0);
    }

    public function test_hops_of_a_taut_cast_worked_out_by_hand(): void
    {
        // 13 m of line in 5 m of water lies 12 m out; hops of 4 m leave 9 m, which lies √56 out; one more would be less than the depth.
        $cast = HopCast::of(13.0, 5.0, 4.0, true, 6.0, 24.0);

        self::assertSame(1, $cast->hops);
        self::assertEqualsWithDelta(12 - sqrt(56), $cast->coveredM, 1e-9);
        self::assertSame(30.0, $cast->seconds);
        self::assertSame(120.0, $cast->castsPerHour);
        self::assertEqualsWithDelta(120 * (12 - sqrt(56)), $cast->bottomMPerHour, 1e-9);
    }

    public function test_on_slack_it_takes_more_hops_and_both_end(): void
    {
        $taut = HopCast::of(24.0, 6.0, 0.5, true, 4.0, 20.0);
        $slack = HopCast::of(24.0, 6.0, 0.5, false, 4.0, 20.0);

        self::assertSame(35, $taut->hops);
        self::assertGreaterThan($taut->hops, $slack->hops);
        self::assertLessThan(500, $slack->hops);
        $this->expectException(InvalidInput::class);
        HopCast::of(5.0, 6.0, 0.5, true, 4.0, 20.0);
    }

    public function test_a_lift_higher_than_the_water_is_refused(): void
    {
        $lure = Lure::of('lure', Family::Blade, 0.014, 'silver');
        $this->expectException(InvalidInput::class);
        Repeat::of(
            new Steps(2.0, 1.0, FallControl::Free, 1.0), $lure->body, Attitude::hanging(30),
            WaterColumn::of(1.9, 0.0002, Flow::still(), Water::of(6)),
        );
    }

    public function test_two_schools_of_striking_each_with_the_fishing_it_suits(): void
    {
        $usual = static fn (Family $family, bool $vertical, Cadence $cadence): Strike => Strike::usual(
            $family, $vertical, $cadence->steps(),
        );
        self::assertSame(Strike::TheLiftSets, $usual(Family::Blade, true, Cadence::HighPop));
        self::assertSame(Strike::AtAnything, $usual(Family::Blade, true, Cadence::DeadStick), 'a lure that lies still');
        self::assertSame(Strike::AtAnything, $usual(Family::Blade, false, Cadence::HighPop), 'a cast');
        self::assertSame(Strike::AtAnything, $usual(Family::Spoon, true, Cadence::HighPop), 'a spoon');
        self::assertNotSame(Strike::AtAnything, Strike::AtAnything->other());
    }
}
