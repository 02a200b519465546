<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Balance\Hang;
use Eskith\Core\Balance\HangReading;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class BalanceTest extends TestCase
{
    public function test_a_hole_behind_the_balance_point_hangs_nose_down(): void
    {
        $balance = Point::of(19, 3);

        self::assertSame(0.0, Hang::angleDeg(Point::of(19, 10), $balance));
        self::assertEqualsWithDelta(45.0, Hang::angleDeg(Point::of(26, 10), $balance), 1e-9);
        self::assertLessThan(0, Hang::angleDeg(Point::of(15, 10), $balance));
        self::assertEqualsWithDelta(38.66, Cases::ask('hang', [['hole' => [25, 10.5], 'balance' => [19, 3]]])[0]['hang_angle_deg'], 0.005);
    }

    public function test_three_exact_readings_find_the_balance_point(): void
    {
        $balance = Point::of(19, 3);
        $readings = array_map(
            static fn (array $at): array => ['hole' => $at, 'hang_angle_deg' => Hang::angleDeg(Point::of(...$at), $balance)],
            [[18, 10], [25, 10.5], [32, 10]],
        );
        [$fit] = Cases::ask('hang', [['readings' => $readings]]);

        self::assertEqualsWithDelta([19, 3], $fit['balance'], 0.001);
        self::assertEqualsWithDelta(0, $fit['rms_mm'], 1e-6);
    }

    public function test_readings_that_miss_each_other_say_by_how_much(): void
    {
        $fit = BalanceFit::from([
            HangReading::of(Point::of(18, 10), -6), HangReading::of(Point::of(25, 10.5), 41), HangReading::of(Point::of(32, 10), 60),
        ]);

        self::assertGreaterThan(0.05, $fit->rmsMm);
        self::assertLessThan(1.0, $fit->rmsMm);
    }

    public function test_nearly_parallel_readings_and_a_single_one_are_refused(): void
    {
        $answers = Cases::ask('hang', [
            ['readings' => [['hole' => [18, 10], 'hang_angle_deg' => 30], ['hole' => [20, 10], 'hang_angle_deg' => 31]]],
            ['readings' => [['hole' => [18, 10], 'hang_angle_deg' => 30]]],
            ['hole' => [1], 'balance' => [2, 3]],
        ], 1);

        self::assertStringContainsString('too much alike', $answers[0]['error']['message']);
        self::assertSame('readings', $answers[1]['error']['field']);
        self::assertSame(['field' => 'hole', 'message' => '"hole" must be a pair of numbers.'], $answers[2]['error']);
        $this->expectException(InvalidInput::class);
        HangReading::of(Point::of(1, 1), 200);
    }
}
