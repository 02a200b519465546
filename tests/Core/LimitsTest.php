<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Drop\AngleFix;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\Lean;
use Eskith\Core\Drop\Swing;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The edges of what holds, in flows that turn round with height too. */
final class LimitsTest extends TestCase
{
    /** @return iterable<string, array{Family, float, float, Profile}> */
    public static function waters(): iterable
    {
        foreach (Family::cases() as $family) {
            foreach ([
                [0.0, 0.15, Profile::Uniform], [0.3, 0.0, Profile::River], [0.5, 0.42, Profile::River],
                [-0.25, 0.0, Profile::Uniform],
            ] as [$current, $boat, $profile]) {
                yield "{$family->value} {$current} {$boat} {$profile->value}" => [$family, $current, $boat, $profile];
            }
        }
    }

    #[DataProvider('waters')]
    public function test_the_least_mass_holds_and_a_little_less_does_not(
        Family $family, float $current, float $boat, Profile $profile,
    ): void {
        $column = $this->stretch(9.0, $current, $boat, $profile);
        $least = VerticalLimits::leastMassKg($family, $column);
        self::assertNotNull($least);
        self::assertTrue(VerticalLimits::isVertical(Body::of($family, $least * 1.001), $column));
        if ($least > 0.0005) {
            self::assertFalse(VerticalLimits::isVertical(Body::of($family, $least * 0.995), $column));
        }
    }

    #[DataProvider('waters')]
    public function test_the_lightest_of_several_is_the_lightest_that_holds(
        Family $family, float $current, float $boat, Profile $profile,
    ): void {
        $column = $this->stretch(9.0, $current, $boat, $profile);
        $bodies = array_map(static fn (int $grams): Body => Body::of($family, $grams / 1000), [28, 3, 14, 7, 21, 10]);
        $lightest = VerticalLimits::lightestOf($bodies, $column);
        $holding = array_filter($bodies, static fn (Body $body): bool => VerticalLimits::isVertical($body, $column));

        self::assertSame(
            $holding === [] ? null : min(array_map(static fn (Body $body): float => $body->massKg, $holding)),
            $lightest?->massKg,
        );
    }

    #[DataProvider('waters')]
    public function test_a_leaning_line_gives_its_own_flow_back(Family $family, float $current, float $boat, Profile $profile): void
    {
        $column = $this->stretch(7.0, $current, $boat, $profile);
        $body = Body::of($family, 0.0142);
        $angle = Lean::of($body, $column)->angleDeg();
        $flow = AngleFix::flow($angle, $body, $column);

        self::assertEqualsWithDelta($angle, Lean::of($body, $column->with($flow))->angleDeg(), 1e-4);
    }

    public function test_the_drift_may_go_on_as_far_as_it_holds_and_never_backwards(): void
    {
        $body = Body::of(Family::Blade, 0.0142);
        foreach ([4.0, 8.0, 16.0, 32.0] as $depth) {
            $drift = VerticalLimits::largestDriftMs($body, $this->stretch($depth, 0.0, 0.1, Profile::Uniform));
            self::assertNotNull($drift);
            self::assertGreaterThan(0, $drift);
            self::assertTrue(VerticalLimits::isVertical($body, $this->stretch($depth, 0.0, $drift - 0.002, Profile::Uniform)));
            self::assertFalse(VerticalLimits::isVertical($body, $this->stretch($depth, 0.0, $drift + 0.002, Profile::Uniform)));
        }
        self::assertNull(
            VerticalLimits::largestDriftMs(Body::of(Family::Blade, 0.003), $this->stretch(30.0, 1.5, -0.1, Profile::Uniform)),
            'against a torrent no drift helps',
        );
    }

    public function test_a_wider_limit_lets_more_through(): void
    {
        $column = $this->stretch(12.0, 0.0, 0.2, Profile::Uniform);
        $masses = array_map(
            static fn (float $limit): ?float => VerticalLimits::leastMassKg(Family::Spoon, $column, $limit),
            [10.0, 20.0, 35.0, 55.0],
        );
        self::assertSame($masses, array_values(array_filter($masses)));
        $sorted = $masses;
        rsort($sorted);
        self::assertSame($sorted, $masses);
    }

    public function test_no_flow_that_is_fished_gives_some_angles(): void
    {
        foreach ([86.0, -90.0, NAN] as $angle) {
            try {
                AngleFix::flow($angle, Body::of(Family::Blade, 0.0142), $this->stretch(8.0, 0.0, 0.0, Profile::Uniform));
                self::fail("{$angle} was answered.");
            } catch (InvalidInput $bad) {
                self::assertSame('angle', $bad->field);
            }
        }
    }

    #[DataProvider('waters')]
    public function test_a_fall_runs_down_evenly_and_ends_where_it_is_said_to(
        Family $family, float $current, float $boat, Profile $profile,
    ): void {
        $fall = Fall::of(Body::of($family, 0.0142), Attitude::usual($family, 30.0), $this->stretch(9.0, $current, $boat, $profile));
        $path = $fall->path(400);
        $end = $path[400];

        self::assertEqualsWithDelta([$fall->seconds, 9.0], [$end->seconds, $end->depthM], 1e-9);
        self::assertEqualsWithDelta($fall->driftM(), $end->acrossM, 0.004 + 0.002 * abs($fall->driftM()));
        for ($i = 1; $i <= 400; $i++) {
            self::assertGreaterThan($path[$i - 1]->seconds, $path[$i]->seconds);
            self::assertEqualsWithDelta($path[$i]->depthM, $fall->depthAfter($path[$i]->seconds), 1e-6);
        }
    }

    public function test_a_swing_keeps_its_line_and_takes_longer_from_farther_out(): void
    {
        $column = $this->stretch(5.0, 0.0, 0.0, Profile::Uniform);
        $seconds = 0.0;
        // Nearly straight below the line turns the lure aside and it slows; from a longer cast on it takes longer.
        foreach ([10.0, 20.0, 40.0, 80.0] as $cast) {
            $swing = Swing::of(Body::of(Family::Blade, 0.0142), Attitude::hanging(35), $column, $cast);
            foreach ($swing->path() as $point) {
                self::assertEqualsWithDelta($cast, hypot($point->acrossM, 5.0 - $point->heightM), 1e-9);
            }
            self::assertEqualsWithDelta(0.0, $swing->path()[24]->heightM, 1e-9);
            self::assertEqualsWithDelta($swing->landsM, $swing->path()[24]->acrossM, 1e-9);
            self::assertGreaterThan($seconds, $swing->seconds);
            $seconds = $swing->seconds;
        }
    }

    private function stretch(float $depth, float $current, float $boat, Profile $profile): WaterColumn
    {
        return WaterColumn::of($depth, 0.0002, Flow::of($current, $boat, $profile), Water::of(6));
    }
}
