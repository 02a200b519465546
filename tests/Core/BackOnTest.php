<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Plan\ReturnToMark;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Back onto a mark, worked by hand: how far, which way, and from where the drift takes the lure past it. */
final class BackOnTest extends TestCase
{
    public function test_a_boat_south_of_a_mark_goes_north_and_starts_up_the_drift(): void
    {
        // The wind takes it east; the water runs 0.2 m/s and the lure falls for 10 s: 2 m, and 5 m to be down before it.
        $back = ReturnToMark::of(new Position(0, -100), new Position(0, 0), 90.0, 0.5, 0.2, 10.0);
        self::assertSame(100.0, $back->awayM);
        self::assertEqualsWithDelta(0.0, $back->bearingDeg, 1e-9);
        self::assertEqualsWithDelta(7.0, $back->upDriftM, 1e-9);
        self::assertEqualsWithDelta([-7.0, 0.0], $back->start->pair(), 1e-9);
        self::assertEqualsWithDelta(hypot(7, 100), $back->startAwayM, 1e-9);
        self::assertEqualsWithDelta(360 - rad2deg(atan2(7, 100)), $back->startBearingDeg, 1e-9);
    }

    public function test_a_boat_that_lies_still_or_is_held_goes_straight_above_it(): void
    {
        foreach ([[null, 0.5], [90.0, 0.0]] as [$drift, $fast]) {
            $back = ReturnToMark::of(new Position(30, 40), new Position(0, 0), $drift, $fast, 0.3, 20.0);
            self::assertSame(50.0, $back->awayM);
            self::assertSame(0.0, $back->upDriftM);
            self::assertEqualsWithDelta([0.0, 0.0], $back->start->pair(), 1e-9);
        }
    }

    public function test_without_a_boat_only_the_start_is_known(): void
    {
        $back = ReturnToMark::of(null, new Position(12, -8), 180.0, 0.4);
        self::assertNull($back->awayM);
        self::assertNull($back->bearingDeg);
        self::assertNull($back->startAwayM);
        self::assertEqualsWithDelta([12.0, -3.0], $back->start->pair(), 1e-9, 'it drifts south: start north of it');
    }

    public function test_whichever_way_it_drifts_the_drift_from_the_start_leads_over_the_mark(): void
    {
        $dice = new Randomizer(new Mt19937(16));
        for ($n = 0; $n < 200; $n++) {
            [$toward, $fast] = [360 * $dice->getInt(0, 999_999) / 1e6, 0.05 + 2 * $dice->getInt(0, 999_999) / 1e6];
            $mark = new Position(500 * $dice->getInt(0, 999_999) / 1e6, -500 * $dice->getInt(0, 999_999) / 1e6);
            $back = ReturnToMark::of(new Position(0, 0), $mark, $toward, $fast, $fast / 3, 30 * $dice->getInt(0, 999_999) / 1e6);
            self::assertGreaterThanOrEqual(5.0, $back->upDriftM);
            self::assertEqualsWithDelta($mark->pair(), $back->start->onward($toward, $back->upDriftM)->pair(), 1e-6);
        }
    }

    public function test_a_drift_a_current_or_a_fall_that_cannot_be_is_refused(): void
    {
        foreach ([
            [-0.1, 0.0, 0.0], [7.0, 0.0, 0.0], [NAN, 0.0, 0.0], [0.1, 9.0, 0.0], [0.1, 0.0, -1.0], [0.1, 0.0, INF],
        ] as [$drift, $current, $fall]) {
            try {
                ReturnToMark::of(null, new Position(0, 0), 90.0, $drift, $current, $fall);
                self::fail("{$drift}, {$current}, {$fall} is taken");
            } catch (InvalidInput $bad) {
                self::assertNotSame('', $bad->getMessage());
            }
        }
    }
}
