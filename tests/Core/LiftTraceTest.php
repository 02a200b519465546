<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class LiftTraceTest extends TestCase
{
    public function test_the_worked_cases(): void
    {
        $cases = Cases::file('work-cases')['trace'];
        $answers = Cases::ask('trace', array_column($cases, 'case'));
        foreach ($cases as $i => ['expect' => $expect]) {
            foreach ($expect['lifts'] as $n => $lift) {
                foreach ($lift as $name => $value) {
                    self::assertEqualsWithDelta($value, $answers[$i]['lifts'][$n][$name], 0.002 * abs($value), "{$i}.{$n} {$name}");
                }
            }
            self::assertEqualsWithDelta($expect['mean_ms'], $answers[$i]['mean_ms'], 0.002 * $expect['mean_ms']);
            $expect['between_cv'] === null
                ? self::assertNull($answers[$i]['between_cv'])
                : self::assertEqualsWithDelta($expect['between_cv'], $answers[$i]['between_cv'], 0.002 * $expect['between_cv']);
        }
    }

    public function test_an_even_lift_is_even_and_rest_before_and_after_is_cut_off(): void
    {
        // At rest for 2 s, then 0.5 m/s for 2 s, then still; the lift is cut where it is 2 cm off: 0.04 s at either end.
        $samples = [];
        for ($i = 0; $i <= 500; $i++) {
            $at = $i / 100;
            $samples[] = [$at, 0.4 + 0.5 * max(0.0, min(2.0, $at - 2.0))];
        }
        $lift = LiftTrace::of($samples);
        self::assertEqualsWithDelta(1.92, $lift->durationS, 1e-6);
        self::assertEqualsWithDelta(0.96, $lift->riseM, 1e-6);
        self::assertEqualsWithDelta(0.5, $lift->meanMs, 1e-6);
        self::assertEqualsWithDelta(0.0, $lift->cv, 1e-6);
        self::assertEqualsWithDelta(1.0, $lift->secondToFirst, 1e-6);
        self::assertSame(4, $lift->spans);
    }

    public function test_two_speeds_are_told_from_one(): void
    {
        // 1 m/s for 1 s, then 0.5 m/s for 1 s: spans of 1, 1, ½, ½ m/s; mean 0.75, deviation 0.25: a third.
        $fast = static fn (float $t): float => $t < 1 ? $t : 1 + ($t - 1) / 2;
        $lift = LiftTrace::of(array_map(static fn (int $i): array => [$i / 50, $fast($i / 50)], range(0, 100)));
        self::assertEqualsWithDelta(0.75, $lift->meanMs, 0.01);
        self::assertEqualsWithDelta(1 / 3, $lift->cv, 0.02);
        self::assertEqualsWithDelta(0.5, $lift->secondToFirst, 0.02);
        self::assertGreaterThan(1.0, LiftTrace::of([[0, 0], [1, 0.1], [1.5, 0.5], [2, 1], [2.2, 1.2]])->secondToFirst);
    }

    public function test_order_of_samples_and_the_last_of_equal_times(): void
    {
        $even = array_map(static fn (int $i): array => [$i / 10, $i / 20], range(0, 20));
        $shuffled = (new Randomizer(new Mt19937(3)))->shuffleArray($even);
        self::assertEqualsWithDelta(LiftTrace::of($even)->meanMs, LiftTrace::of($shuffled)->meanMs, 1e-12);
        self::assertEqualsWithDelta(0.0, LiftTrace::of([[1.0, 7.0], ...$even])->cv, 1e-9, 'what came before at the same time is let go');
        self::assertGreaterThan(0.1, LiftTrace::of([...$even, [1.0, 0.1]])->cv);
    }

    /** @return iterable<string, array{float, float}> samples a second and m of jitter */
    public static function devices(): iterable
    {
        yield 'a slow phone' => [10.0, 0.0];
        yield 'a fast one' => [120.0, 0.0];
        yield 'a shaky one' => [60.0, 0.005];
    }

    #[DataProvider('devices')]
    public function test_jittered_stamps_gaps_and_noise_leave_an_even_lift_nearly_even(float $hertz, float $jitter): void
    {
        $random = new Randomizer(new Mt19937(7));
        $roll = static fn (): float => $random->getInt(-1000, 1000) / 1000;
        $samples = [];
        for ($at = 0.0; $at <= 6.0; $at += (1 + 0.4 * $roll()) / $hertz) {
            // A gap of a third of a second.
            if ($at < 3.0 || $at > 3.3) {
                $samples[] = [$at, 0.5 + 0.3 * max(0.0, min(5.0, $at - 0.5)) + $jitter * $roll()];
            }
        }
        $lift = LiftTrace::of($samples);
        self::assertEqualsWithDelta(0.3, $lift->meanMs, 0.01);
        self::assertLessThan(0.06, $lift->cv, 'what 5 mm of jitter may make of it');
        self::assertSame(5, $lift->spans);
    }

    public function test_several_lifts_are_compared_by_their_mean_speeds(): void
    {
        // Half and a whole metre a second: mean 0.75, sample deviation 0.354.
        $at = static fn (float $speed): LiftTrace => LiftTrace::of(
            array_map(static fn (int $i): array => [$i / 10, $speed * $i / 10], range(0, 20)),
        );
        self::assertEqualsWithDelta(sqrt(0.125) / 0.75, LiftTrace::betweenCv([$at(0.5), $at(1.0)]), 0.01);
        self::assertNull(LiftTrace::betweenCv([$at(0.5)]));
    }

    /** @return iterable<string, array{list<array{float, float}>}> */
    public static function none(): iterable
    {
        yield 'nothing' => [[]];
        yield 'three samples' => [[[0.0, 0.0], [1.0, 0.5], [2.0, 1.0]]];
        yield 'too low' => [[[0.0, 0.0], [1.0, 0.03], [2.0, 0.032], [3.0, 0.035], [4.0, 0.045]]];
        yield 'too quick' => [[[0.0, 0.0], [0.05, 0.3], [0.1, 0.6], [0.15, 0.9]]];
        yield 'only down' => [[[0.0, 1.0], [1.0, 0.5], [2.0, 0.2], [3.0, 0.0]]];
        yield 'hours of it' => [array_map(static fn (int $i): array => [1000.0 * $i, 0.1 * $i], range(0, 9))];
    }

    /** @param  list<array{float, float}>  $samples */
    #[DataProvider('none')]
    public function test_what_is_no_lift_is_refused(array $samples): void
    {
        $this->expectException(InvalidInput::class);
        LiftTrace::of($samples);
    }
}
