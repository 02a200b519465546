<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Water\DriftFit;
use Eskith\Core\Water\Position;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DriftFitTest extends TestCase
{
    private const TRACKS = 200;

    private const NOISE_M = 4.0;

    public function test_it_is_right_nine_times_in_ten_and_says_how_sure_it_is(): void
    {
        $random = new Randomizer(new Mt19937(28));
        $near = $held = $silent = 0;
        for ($i = 0; $i < self::TRACKS; $i++) {
            $speed = self::between($random, 0.1, 0.6);
            $toward = self::between($random, 0.0, 360.0);
            $fit = DriftFit::of(self::track($random, [[120, $speed, $toward]]));
            if ($fit?->towardDeg === null) {
                // Taken for a turn: it is asked again a moment later.
                $silent++;

                continue;
            }
            $off = abs(fmod($fit->towardDeg - $toward + 540.0, 360.0) - 180.0);
            $near += (int) (abs($fit->speedMs - $speed) <= 0.03 && $off <= 10.0);
            $held += (int) (abs($fit->speedMs - $speed) <= $fit->withinMs);
        }
        self::assertGreaterThanOrEqual(0.9 * self::TRACKS, $near);
        self::assertGreaterThanOrEqual(0.8 * self::TRACKS, $held);
        self::assertLessThanOrEqual(0.95 * self::TRACKS, $held);
        self::assertLessThanOrEqual(0.02 * self::TRACKS, $silent);
    }

    public function test_where_neighbouring_fixes_err_alike_it_is_less_sure_and_still_holds_the_truth(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $held = $within = 0;
        for ($i = 0; $i < self::TRACKS; $i++) {
            $fit = DriftFit::of(self::track($random, [[170, 0.3, 90.0]], alike: 0.8));
            $held += (int) ($fit !== null && abs($fit->speedMs - 0.3) <= $fit->withinMs);
            $within += (int) ($fit !== null);
        }
        self::assertGreaterThanOrEqual(0.9 * self::TRACKS, $within, 'what wanders is rarely taken for a turn');
        self::assertGreaterThanOrEqual(0.75 * $within, $held);
    }

    public function test_a_run_between_spots_never_enters_it(): void
    {
        $random = new Randomizer(new Mt19937(3));
        foreach ([2.5, 4.0, 9.0] as $run) {
            $there = self::track($random, [[60, $run, 45.0], [80, 0.3, 180.0]]);
            $fit = DriftFit::of($there);
            self::assertNotNull($fit);
            self::assertEqualsWithDelta(0.3, $fit->speedMs, 0.08, "after {$run} m/s");
            self::assertLessThanOrEqual(80.0, $fit->seconds);
            self::assertNull(DriftFit::of(array_slice($there, 0, 60)), 'under way');
            self::assertNull(DriftFit::of(array_slice($there, 0, 110)), 'not long enough since');
            self::assertEqualsWithDelta(45.0, DriftFit::secondsSoFar(array_slice($there, 0, 110)), 12.0);
        }
    }

    public function test_after_a_turn_it_is_what_the_boat_does_now(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $fit = DriftFit::of(self::track($random, [[80, 0.5, 0.0], [100, 0.5, 90.0]]));
        self::assertNotNull($fit);
        self::assertNotNull($fit->towardDeg);
        self::assertEqualsWithDelta(90.0, $fit->towardDeg, 12.0);
        self::assertEqualsWithDelta(0.5, $fit->speedMs, 0.06);
    }

    public function test_a_boat_that_lies_still_goes_nowhere_and_a_gap_begins_anew(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $still = 0;
        for ($i = 0; $i < 40; $i++) {
            $fit = DriftFit::of(self::track($random, [[120, 0.0, 0.0]]));
            $still += (int) ($fit !== null && $fit->towardDeg === null && $fit->withinDeg === null && $fit->speedMs < 0.05);
        }
        self::assertGreaterThanOrEqual(26, $still);
        $track = self::track($random, [[170, 0.4, 10.0]]);
        self::assertNull(DriftFit::of([...array_slice($track, 0, 80), ...array_slice($track, 120)]), '50 s since the gap');
        foreach ([[], array_slice($track, 0, 1), array_fill(0, 100, $track[0])] as $nothing) {
            self::assertNull(DriftFit::of($nothing));
        }
    }

    public function test_an_exact_track_is_told_exactly(): void
    {
        $fixes = array_map(static fn (int $s): array => [(float) $s, new Position(-0.3 * $s, 0.4 * $s)], range(0, 90));
        $fit = DriftFit::of($fixes);
        self::assertNotNull($fit);
        self::assertEqualsWithDelta([0.5, 323.13, 0.0, 90.0], [$fit->speedMs, $fit->towardDeg, $fit->withinMs, $fit->seconds], 0.01);
    }

    /**
     * A fix a second.
     *
     * @param  list<array{int, float, float}>  $legs  s, m/s and degrees
     * @param  float  $alike  how much of its error a fix has from the one before
     * @return list<array{float, Position}>
     */
    private static function track(Randomizer $random, array $legs, float $alike = 0.0): array
    {
        $gauss = static fn (): float => sqrt(-2 * log(self::between($random, 1e-9, 1.0)))
            * cos(2 * M_PI * self::between($random, 0.0, 1.0));
        [$at, $east, $north, $errors, $fixes] = [0.0, 0.0, 0.0, [self::NOISE_M * $gauss(), self::NOISE_M * $gauss()], []];
        foreach ($legs as [$seconds, $speed, $toward]) {
            for ($s = 0; $s < $seconds; $s++, $at++) {
                $errors = array_map(
                    static fn (float $one): float => $alike * $one + sqrt(1 - $alike ** 2) * self::NOISE_M * $gauss(), $errors,
                );
                $fixes[] = [$at, new Position($east + $errors[0], $north + $errors[1])];
                $east += $speed * sin(deg2rad($toward));
                $north += $speed * cos(deg2rad($toward));
            }
        }

        return $fixes;
    }

    private static function between(Randomizer $random, float $least, float $most): float
    {
        return $least + ($most - $least) * $random->getInt(0, 1_000_000) / 1_000_000;
    }
}
