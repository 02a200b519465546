<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Water\Heading;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Where a phone pointed, from made-up compasses. */
final class HeadingTest extends TestCase
{
    private const HZ = 20;

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(43));
    }

    public function test_across_north_the_mean_is_north_and_not_south(): void
    {
        $samples = array_map(static fn (int $i): array => [$i / self::HZ, [358.0, 2.0][$i % 2], 3.0], range(0, 30));
        $heading = Heading::of($samples);
        self::assertNotNull($heading);
        self::assertLessThan(1.0, min($heading->degrees, 360.0 - $heading->degrees));
        self::assertGreaterThanOrEqual(0.0, $heading->degrees);
        self::assertLessThan(360.0, $heading->degrees);
        self::assertEqualsWithDelta(271.0, Heading::of(self::still(-89.0))?->degrees, 1e-6, 'however a phone counts');
    }

    public function test_a_compass_that_is_off_and_a_hand_that_trembles_are_within_what_is_told(): void
    {
        $held = 0;
        for ($i = 0; $i < 300; $i++) {
            $truth = $this->random->getInt(0, 359_999) / 1000;
            $off = $this->normal(6.0);
            $heading = Heading::of($this->stream(0.0, 2.0, fn (): float => $truth + $off + $this->normal(3.0), 10.0));
            self::assertNotNull($heading);
            $miss = abs(fmod($heading->degrees - $truth + 540.0, 360.0) - 180.0);
            $held += (int) ($miss <= $heading->withinDeg);
        }
        self::assertGreaterThan(255, $held);
        self::assertLessThan(291, $held, 'it is not told wider than it is');
    }

    public function test_the_last_second_in_which_it_lay_flat_and_still_counts(): void
    {
        $turning = static fn (float $second): float => 90.0 * $second;
        $samples = [
            ...$this->stream(0.0, 1.5, static fn (): float => 40.0, 5.0), ...$this->stream(1.5, 1.5, static fn (): float => 200.0, 5.0),
            ...$this->stream(3.0, 1.0, $turning, 5.0), ...$this->stream(4.0, 1.5, static fn (): float => 10.0, 80.0),
        ];
        self::assertEqualsWithDelta(200.0, Heading::of($samples)?->degrees, 1.0);
        self::assertNull(Heading::of($this->stream(0.0, 3.0, $turning, 5.0)), 'it was turned all the time');
        self::assertNull(Heading::of($this->stream(0.0, 3.0, static fn (): float => 10.0, 60.0)), 'it was upright');
        self::assertNull(Heading::of(array_slice(self::still(10.0), 0, 12)), 'less than a second');
        self::assertNull(Heading::of([]));
    }

    /** @return list<array{float, float, float}> */
    private static function still(float $degrees): array
    {
        return array_map(static fn (int $i): array => [$i / self::HZ, $degrees, 4.0], range(0, 30));
    }

    /**
     * @param  callable(float): float  $degrees
     * @return list<array{float, float, float}>
     */
    private function stream(float $from, float $seconds, callable $degrees, float $lean): array
    {
        return array_map(static fn (int $i): array => [
            $from + $i / self::HZ, $degrees($from + $i / self::HZ), $lean,
        ], range(0, (int) ($seconds * self::HZ) - 1));
    }

    private function normal(float $spread): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 12; $i++) {
            $sum += $this->random->getInt(0, 1_000_000) / 1e6;
        }

        return $spread * ($sum - 6.0);
    }
}
