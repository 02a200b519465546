<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Water\Tilt;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The lean of a line by a phone that is held along it, from made-up sensors. */
final class TiltTest extends TestCase
{
    private const HZ = 60;

    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(41));
    }

    public function test_upright_flat_and_by_hand(): void
    {
        $still = static fn (float $x, float $y, float $z): array => array_map(
            static fn (int $i): array => [$i / self::HZ, $x, $y, $z], range(0, 70),
        );
        self::assertEqualsWithDelta(0.0, Tilt::of($still(0.0, -9.81, 0.0))?->degrees, 1e-9);
        self::assertEqualsWithDelta(90.0, Tilt::of($still(0.0, 0.0, 9.81))?->degrees, 1e-9);
        // A 3-4-5 triangle, whichever way it faces.
        self::assertEqualsWithDelta(36.87, Tilt::of($still(0.0, 7.848, 5.886))?->degrees, 0.01);
        self::assertEqualsWithDelta(36.87, Tilt::of($still(-5.886, -7.848, 0.0))?->degrees, 0.01);
        self::assertNull(Tilt::of([]));
        self::assertNull(Tilt::of(array_slice($still(0.0, 9.81, 0.0), 0, 40)), 'less than a second');
    }

    public function test_a_hand_that_trembles_is_within_a_degree_and_a_half(): void
    {
        $held = 0;
        for ($i = 0; $i < 200; $i++) {
            $lean = $this->between(0.0, 75.0);
            $tilt = Tilt::of([...$this->brought(3.0), ...$this->stream(3.0, static fn (): float => $lean, 3.0)]);
            self::assertNotNull($tilt);
            self::assertEqualsWithDelta($lean, $tilt->degrees, 1.5);
            $held += (int) (abs($tilt->degrees - $lean) <= $tilt->withinDeg);
        }
        self::assertGreaterThan(170, $held, 'what is told as its error holds the truth');
    }

    public function test_the_last_still_second_counts(): void
    {
        $tilt = Tilt::of([
            ...$this->stream(2.0, static fn (): float => 60.0), ...$this->stream(2.0, static fn (): float => 25.0, 2.0),
            ...$this->stream(0.5, static fn (float $second): float => 25.0 + 120.0 * ($second - 4.0), 4.0),
        ]);

        self::assertEqualsWithDelta(25.0, $tilt?->degrees, 2.0);
    }

    public function test_what_swings_is_refused(): void
    {
        foreach ([0.3, 0.5, 0.8] as $hz) {
            self::assertNull(Tilt::of($this->stream(6.0, static fn (float $second): float => 40.0 + 25.0 * sin(2 * M_PI * $hz * $second))));
        }
        self::assertNull(Tilt::of($this->stream(4.0, static fn (float $second): float => 10.0 + 12.0 * $second)), 'it goes on leaning');
    }

    /**
     * What a phone feels that leans so, in a hand that trembles.
     *
     * @param  \Closure(float): float  $lean  degrees at s
     * @return list<array{float, float, float, float}>
     */
    private function stream(float $seconds, \Closure $lean, float $from = 0.0): array
    {
        $facing = $this->between(0.0, 2 * M_PI);
        $phase = $this->between(0.0, 2 * M_PI);
        $samples = [];
        for ($i = 0; $i < $seconds * self::HZ; $i++) {
            $at = $from + $i / self::HZ;
            $angle = deg2rad($lean($at) + 1.2 * sin(2 * M_PI * 9.0 * $at + $phase));
            $jolt = 0.35 * sin(2 * M_PI * 9.0 * $at);
            $samples[] = [
                $at, 9.81 * sin($angle) * cos($facing) + $jolt + $this->noise(), 9.81 * cos($angle) + $jolt + $this->noise(),
                9.81 * sin($angle) * sin($facing) + $this->noise(),
            ];
        }

        return $samples;
    }

    /** From the eyes to the line. @return list<array{float, float, float, float}> */
    private function brought(float $seconds): array
    {
        return $this->stream($seconds, static fn (float $second): float => 80.0 - 24.0 * $second);
    }

    private function noise(): float
    {
        return 0.06 * ($this->between(-1.0, 1.0) + $this->between(-1.0, 1.0));
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }
}
