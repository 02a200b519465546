<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\BiteSign;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\LiftTrace;
use Eskith\Core\Cadence\LiftWords;
use Eskith\Core\Cadence\Plan\ForwardCasts;
use Eskith\Core\Cadence\Plan\Ledges;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Cadence\TimeBudget;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\TestCase;

final class WorkTest extends TestCase
{
    public function test_the_usual_lift_of_every_cadence_lies_within_its_range(): void
    {
        foreach (Cadence::cases() as $cadence) {
            $range = $cadence->liftRange();
            self::assertSame($cadence->hasNumbers(), $range !== null, $cadence->value);
            if ($range !== null) {
                self::assertGreaterThanOrEqual($range[0] - 1e-9, $cadence->steps()->liftM, $cadence->value);
                self::assertLessThanOrEqual($range[1] + 1e-9, $cadence->steps()->liftM, $cadence->value);
            }
            self::assertDoesNotMatchRegularExpression('/[.!]$/', $cadence->mistake());
            self::assertSame($cadence->bites(), array_values(array_unique($cadence->bites(), SORT_REGULAR)));
        }
        self::assertSame(['fall', 'fall', 'rest', 'rest', 'lift'], array_map(
            static fn (BiteSign $sign): string => $sign->phase(), BiteSign::cases(),
        ));
    }

    public function test_the_way_of_a_repeat_goes_up_down_as_the_lure_falls_and_rests(): void
    {
        $column = WaterColumn::of(8.0, 0.0002, Flow::still(), Water::of(4.0));
        $body = Body::of(Family::Blade, 0.0142);
        $repeat = Repeat::of(new Steps(0.9, 1.0, FallControl::Controlled, 2.0), $body, Attitude::usual(Family::Blade, 35.0), $column);
        $path = $repeat->path;
        self::assertSame([0.0, 0.0], [$path[0]->seconds, $path[0]->heightM]);
        self::assertSame([1.0, 0.9], [$path[1]->seconds, $path[1]->heightM]);
        self::assertEqualsWithDelta(1.0 + $repeat->fallSeconds, $path[count($path) - 2]->seconds, 1e-9);
        self::assertEqualsWithDelta($repeat->seconds, $path[count($path) - 1]->seconds, 1e-9);
        for ($i = 2; $i < count($path); $i++) {
            self::assertGreaterThan($path[$i - 1]->seconds, $path[$i]->seconds);
            self::assertLessThanOrEqual($path[$i - 1]->heightM, $path[$i]->heightM);
        }
    }

    public function test_an_hour_is_all_spent(): void
    {
        // 10 s down, 240 s worked, 8 m wound in at 1 m/s: 258 s each; two fish an hour take 60 s each of it:
        // 3600 / (1 + 2 × 60/3600) = 3483.9 s are fished, 13.5 drops.
        $hour = TimeBudget::of(10.0, 240.0, 8.0, false, 2.0);
        self::assertEqualsWithDelta(3483.87 / 258, $hour->drops, 0.001);
        self::assertEqualsWithDelta(116.13, $hour->unhookingS, 0.01);
        self::assertEqualsWithDelta(3600, $hour->sinkingS + $hour->workingS + $hour->retrievingS + $hour->unhookingS, 1e-9);
        // A cast takes 8 s more.
        self::assertEqualsWithDelta(3600 / 266, TimeBudget::of(10.0, 240.0, 8.0, true, 0.0)->drops, 1e-9);
        $this->expectException(InvalidInput::class);
        TimeBudget::of(0.0, 240.0, 8.0, false, 0.0);
    }

    public function test_lifts_are_said_as_an_angler_would(): void
    {
        $lift = static fn (float $long, float $bend = 1.0): LiftTrace => LiftTrace::of(array_map(
            static fn (int $i): array => [$i * $long / 50, ($i / 50) ** $bend], range(0, 50),
        ));
        self::assertSame("5.1\u{A0}s, even", LiftWords::of($lift(5.3)), 'two centimetres at either end are rest');
        self::assertStringEndsWith('faster in the second half', LiftWords::of($lift(5.3, 1.5)));
        self::assertStringEndsWith('faster in the first half', LiftWords::of($lift(5.3, 0.6)));
        self::assertMatchesRegularExpression('/^5(\.\d)?\x{A0}s, \d+\x{A0}% uneven/u', LiftWords::of($lift(5.3, 1.5)));
        self::assertSame('', LiftWords::together([$lift(5.0)]));
        // 1 m in 5 and in 4 s: 0.2 and 0.25 m/s, mean 0.225, sample deviation 0.0354: 16 %.
        self::assertSame("two lifts within 16\u{A0}% of each other", LiftWords::together([$lift(5.0), $lift(4.0)]));
        $wanted = new Steps(1.0, 5.0, FallControl::Free, 1.0);
        self::assertSame('as fast as wanted', LiftWords::against($lift(5.2), $wanted));
        self::assertSame("25\u{A0}% faster than wanted", LiftWords::against($lift(4.0), $wanted));
        self::assertSame("50\u{A0}% slower than wanted", LiftWords::against($lift(10.0), $wanted));
        self::assertSame('2.5 times as fast as wanted', LiftWords::against($lift(2.0), $wanted));
    }

    public function test_ledges_are_counted_from_the_surface_in_order(): void
    {
        $fall = Fall::of(
            Body::of(Family::TailSpinner, 0.0142), Attitude::usual(Family::TailSpinner, null),
            WaterColumn::of(9.0, 0.0002, Flow::still(), Water::of(6.0)),
        );
        $ledges = Ledges::of([7.0, 3.0, 9.0], $fall, 9.0)->ledges;
        self::assertSame([3.0, 7.0, 9.0], array_column($ledges, 0));
        self::assertEqualsWithDelta($fall->secondsTo(3.0), $ledges[0][1], 1e-9);
        self::assertEqualsWithDelta($fall->seconds, $ledges[2][1], 1e-9);
        $this->expectException(InvalidInput::class);
        Ledges::of([9.2], $fall, 9.0);
    }

    public function test_moving_up_covers_the_way_from_end_to_end(): void
    {
        // 50 m in steps of at most 8 m: 7 steps of 7.14 m, 8 stands, 3 casts each at −30°, 0° and 30°.
        $plan = ForwardCasts::of(50.0, 8.0, 12.0, 3);
        self::assertSame([8, 24], [$plan->stands, count($plan->casts)]);
        self::assertEqualsWithDelta([0.0, 50 / 7], $plan->casts[3]->stand->pair(), 1e-9);
        self::assertEqualsWithDelta([-6.0, 12 * cos(M_PI / 6)], $plan->casts[0]->aim->pair(), 1e-9);
        self::assertEqualsWithDelta([0.0, 12.0], ForwardCasts::of(50.0, 8.0, 12.0, 1)->casts[0]->aim->pair(), 1e-9);
        $this->expectException(InvalidInput::class);
        ForwardCasts::of(50.0, 8.0, 12.0, 21);
    }
}
