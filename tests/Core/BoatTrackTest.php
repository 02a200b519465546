<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Formats\FixText;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\BoatTrack;
use Eskith\Core\Water\Covered;
use Eskith\Core\Water\FishedGround;
use Eskith\Core\Water\Position;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where a boat went, kept as few places as say it. */
final class BoatTrackTest extends TestCase
{
    public function test_a_straight_drift_is_kept_every_five_metres_and_found_in_between(): void
    {
        // 0.5 m/s east for ten minutes: a mean of ten seconds every 5 m.
        $track = BoatTrack::thinned(self::line(600, 0.5));

        self::assertLessThanOrEqual(61, count($track->points));
        self::assertEqualsWithDelta(295.0, $track->lengthM(), 1.0);
        self::assertEqualsWithDelta(123.0, $track->at(246.0)?->east, 0.3);
        self::assertCount(1, $track->drifts());
        self::assertSame([], $track->runs());
    }

    public function test_where_it_lies_still_it_is_kept_once_a_minute_to_the_end(): void
    {
        $track = BoatTrack::thinned(self::line(600, 0.0));

        self::assertLessThanOrEqual(11, count($track->points));
        self::assertEqualsWithDelta(594.5, $track->points[count($track->points) - 1][0], 0.01);
        self::assertNotNull($track->at(300.0));
    }

    public function test_what_a_phone_errs_by_is_mostly_gone(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $strays = static fn (): float => 4.0 * sqrt(-2 * log(($random->getInt(1, 1_000_000)) / 1_000_001)) * cos(
            2 * M_PI * $random->getInt(0, 1_000_000) / 1_000_000,
        );
        $fixes = array_map(static fn (array $fix): array => [$fix[0], $fix[1]->plus($strays(), $strays())], self::line(1200, 0.3));
        $track = BoatTrack::thinned($fixes);

        $off = array_map(static fn (array $point): float => $point[1]->distanceTo(new Position(0.3 * $point[0], 0.0)), $track->points);
        self::assertLessThan(2.5, array_sum($off) / count($off));
        self::assertLessThan(1.35 * 0.3 * 1200, $track->lengthM());
    }

    public function test_nobody_knows_where_it_was_in_a_gap(): void
    {
        $before = self::line(100, 0.5);
        $after = array_map(static fn (array $fix): array => [$fix[0] + 1000.0, $fix[1]->plus(400.0, 0.0)], self::line(100, 0.5));
        $track = BoatTrack::thinned([...$before, ...$after]);

        self::assertCount(2, $track->drifts());
        self::assertNull($track->at(500.0));
        self::assertEqualsWithDelta(47.0, $track->at(130.0)?->east, 1.0, 'a while after it was heard last it is still there');
        self::assertEqualsWithDelta(402.0, $track->at(960.0)?->east, 1.0);
        self::assertNull($track->at(-61.0));
        self::assertEqualsWithDelta(90.0, $track->lengthM(), 1.0, 'what lies between is no way it went');
    }

    public function test_under_way_nothing_is_fished(): void
    {
        $drift = self::line(200, 0.4);
        $run = array_map(static fn (array $fix): array => [$fix[0] + 200.0, $fix[1]->plus(80.0, 0.0)], self::line(100, 6.0));
        $track = BoatTrack::thinned([...$drift, ...$run]);

        $fished = array_sum(array_map(static fn (array $piece): float => $piece[0]->distanceTo($piece[1]), $track->fished()));
        self::assertEqualsWithDelta(76.0, $fished, 6.0);
        self::assertGreaterThan(600.0, $track->lengthM());
        self::assertCount(1, $track->drifts());
        self::assertCount(1, $track->runs());
        self::assertEquals($track->drifts()[0][count($track->drifts()[0]) - 1], $track->runs()[0][0], 'it runs off where it drifted to');
    }

    public function test_a_day_of_fixes_is_small(): void
    {
        $day = [];
        for ($second = 0; $second < 28_800; $second++) {
            // Half the day it runs at 5 m/s, the worst there is to keep.
            $east = $second % 600 < 300 ? 5.0 * ($second % 300) : 1500.0 + 0.3 * ($second % 300);
            $day[] = [(float) $second, 54.0 + $east / 111_000, 13.1 + $second / 3e6];
        }
        $sent = 0;
        foreach (array_chunk($day, 600) as $part) {
            $sent += strlen(FixText::write(array_map(static fn (array $fix): array => [$fix[0] - $part[0][0], $fix[1], $fix[2]], $part)));
        }

        self::assertLessThan(300_000, $sent);
    }

    public function test_a_text_of_fixes_is_read_as_it_was_written(): void
    {
        $fixes = [[0.0, 54.12, -7.1], [1.0, 54.120003, -7.100002], [11.0, 54.1199, -7.0999]];

        self::assertSame('0,54120000,-7100000,1,3,-2,10,-103,102', FixText::write($fixes));
        foreach (FixText::read(FixText::write($fixes)) as $i => $fix) {
            self::assertEqualsWithDelta($fixes[$i], $fix, 1e-9);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        yield 'nothing' => [''];
        yield 'words' => ['0,fifty,13'];
        yield 'a number too few' => ['0,54120000,13100000,1,3'];
        yield 'nowhere' => ['0,90120000,13100000'];
        yield 'beyond the earth' => ['0,54120000,180100000'];
        yield 'time that stands still' => ['0,54120000,13100000,0,3,-2'];
        yield 'time that goes back' => ['5,54120000,13100000,-1,3,-2'];
        yield 'before it began' => ['-1,54120000,13100000'];
        yield 'far later' => ['1801,54120000,13100000'];
        yield 'without end' => [str_repeat('1,', 30_001).'1'];
    }

    #[DataProvider('texts')]
    public function test_what_is_no_way_is_refused(string $text): void
    {
        self::assertFalse(FixText::is($text));
        $this->expectException(InvalidInput::class);
        FixText::read($text);
    }

    public function test_a_line_is_covered_where_the_boat_came_within_reach(): void
    {
        // A wall of 200 m along the north, drifted along 8 m off it for its first half, and back 30 m off.
        $wall = [new Position(0.0, 0.0), new Position(200.0, 0.0)];
        $pieces = [[new Position(0.0, -8.0), new Position(100.0, -8.0)], [new Position(100.0, -30.0), new Position(0.0, -30.0)]];
        $bites = [new Position(20.0, -8.0), new Position(90.0, -8.0), new Position(50.0, -30.0)];
        $near = Covered::of($wall, new FishedGround($pieces, 10.0), $bites);

        self::assertEqualsWithDelta(200.0, $near->lengthM, 0.01);
        // To its end, and 6 m on: within 10 m of a boat that is 8 m off.
        self::assertEqualsWithDelta(106.0, $near->coveredM, 5.0);
        self::assertSame(2, $near->bites);
        self::assertEqualsWithDelta(200.0 / $near->coveredM, $near->per100M(), 1e-9);
        self::assertSame(3, Covered::of($wall, new FishedGround($pieces, 30.5), $bites)->bites);
        self::assertNull(Covered::of(
            $wall, new FishedGround([[new Position(0.0, -9.0), new Position(5.0, -9.0)]], 10.0), [],
        )->per100M());
        self::assertSame(0.0, Covered::of([], new FishedGround($pieces, 10.0), $bites)->coveredM);
    }

    public function test_ground_is_found_by_squares_as_it_is_by_going_through_all_of_it(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $place = static fn (): Position => new Position($random->getInt(-3000, 3000) / 10, $random->getInt(-3000, 3000) / 10);
        foreach ([4.0, 10.0, 25.0] as $reach) {
            $pieces = array_map(
                static fn (): array => [$at = $place(), $at->plus($random->getInt(-60, 60), $random->getInt(-60, 60))], range(1, 40),
            );
            $ground = new FishedGround($pieces, $reach);
            for ($i = 0; $i < 400; $i++) {
                $at = $place();
                $is = array_filter($pieces, static fn (array $piece): bool => $at->distanceToWay($piece[0], $piece[1]) <= $reach) !== [];
                self::assertSame($is, $ground->holds($at));
            }
        }
    }

    /** @return list<array{float, Position}> a fix a second, east at a speed */
    private static function line(int $seconds, float $speedMs): array
    {
        return array_map(
            static fn (int $second): array => [(float) $second, new Position($speedMs * $second, 0.0)], range(0, $seconds - 1),
        );
    }
}
