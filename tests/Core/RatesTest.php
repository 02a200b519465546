<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Record\Rates;
use Eskith\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Rates and shares where the answer is known in closed form. */
final class RatesTest extends TestCase
{
    public function test_an_exponential_has_its_known_quantiles(): void
    {
        foreach ([0.5, 1.0, 4.0] as $rate) {
            $exponential = Rates::gamma(1.0, $rate);
            self::assertEqualsWithDelta(1 / $rate, $exponential->mean, 1e-12);
            self::assertEqualsWithDelta(-log(0.9) / $rate, $exponential->q10, 1e-9);
            self::assertEqualsWithDelta(-log(0.1) / $rate, $exponential->q90, 1e-8);
        }
    }

    public function test_a_large_gamma_is_nearly_normal(): void
    {
        $gamma = Rates::gamma(4000.0, 100.0);
        $sd = sqrt(4000) / 100;
        self::assertEqualsWithDelta(40 - 1.2816 * $sd, $gamma->q10, 0.02);
        self::assertEqualsWithDelta(40 + 1.2816 * $sd, $gamma->q90, 0.02);
    }

    public function test_a_tiny_gamma_still_has_quantiles_in_order(): void
    {
        foreach ([0.01, 0.1, 0.5, 2.0, 30.0] as $shape) {
            $gamma = Rates::gamma($shape, 2.0);
            self::assertGreaterThanOrEqual(0.0, $gamma->q10);
            self::assertLessThan($gamma->q90, $gamma->q10);
        }
    }

    public function test_no_record_is_a_flat_share(): void
    {
        $flat = Rates::share(0, 0);
        self::assertEqualsWithDelta([0.5, 0.1, 0.9], [$flat->mean, $flat->q10, $flat->q90], 1e-9);
        // Beta(2, 1) is x², Beta(1, 2) its mirror.
        $one = Rates::share(1, 1);
        self::assertEqualsWithDelta([2 / 3, sqrt(0.1), sqrt(0.9)], [$one->mean, $one->q10, $one->q90], 1e-9);
        $none = Rates::share(0, 1);
        self::assertEqualsWithDelta([1 / 3, 1 - sqrt(0.9), 1 - sqrt(0.1)], [$none->mean, $none->q10, $none->q90], 1e-9);
    }

    public function test_shares_narrow_with_the_record_and_mirror_each_other(): void
    {
        $width = INF;
        foreach ([2, 10, 50, 250] as $touches) {
            $half = Rates::share(intdiv($touches, 2), $touches);
            self::assertEqualsWithDelta(0.5, $half->mean, 1e-12);
            self::assertEqualsWithDelta(1 - $half->q90, $half->q10, 1e-9);
            self::assertLessThan($width, $half->q90 - $half->q10);
            $width = $half->q90 - $half->q10;
        }
    }

    public function test_better_than_is_a_chance(): void
    {
        self::assertEqualsWithDelta(0.5, Rates::chanceBetter(3.0, 2.0, 3.0, 2.0), 1e-9);
        // Two exponentials: P(A > B) = rate of B over the sum of rates.
        self::assertEqualsWithDelta(3 / 4, Rates::chanceBetter(1.0, 1.0, 1.0, 3.0), 1e-9);
        foreach ([[2.0, 1.0, 5.0, 3.0], [0.5, 2.0, 8.0, 9.0]] as [$a, $ra, $b, $rb]) {
            self::assertEqualsWithDelta(1.0, Rates::chanceBetter($a, $ra, $b, $rb) + Rates::chanceBetter($b, $rb, $a, $ra), 1e-9);
        }
        self::assertGreaterThan(Rates::chanceBetter(3.0, 2.0, 3.0, 2.0), Rates::chanceBetter(6.0, 2.0, 3.0, 2.0));
    }

    public function test_impossible_records_are_refused(): void
    {
        foreach ([
            fn () => Rates::gamma(0.0, 1.0), fn () => Rates::gamma(1.0, -1.0), fn () => Rates::gamma(NAN, 1.0),
            fn () => Rates::share(3, 2), fn () => Rates::share(-1, 2), fn () => Rates::chanceBetter(1.0, 0.0, 1.0, 1.0),
        ] as $ask) {
            try {
                $ask();
                self::fail('It was answered.');
            } catch (InvalidInput $bad) {
                self::assertNotSame('', $bad->field);
            }
        }
    }
}
