<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Water\Course;
use Eskith\Core\Water\Position;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Which way a boat goes just now. */
final class CourseTest extends TestCase
{
    public function test_it_is_of_the_last_seconds_only(): void
    {
        $way = [];
        foreach (range(0, 60) as $second) {
            // North for 40 s, then east.
            $way[] = [(float) $second, new Position(2.0 * max(0, $second - 40), 2.0 * min(40, $second))];
        }
        self::assertEqualsWithDelta(0.0, Course::of(array_slice($way, 0, 31))?->towardDeg, 1e-6);
        $course = Course::of($way);
        self::assertEqualsWithDelta([90.0, 2.0], [$course?->towardDeg, $course?->speedMs], 1e-6);
    }

    public function test_a_boat_that_hardly_moves_or_is_hardly_heard_has_none(): void
    {
        $drift = static fn (float $ms, int $from, int $until): array => array_map(
            static fn (int $second): array => [(float) $second, new Position($ms * $second, 0.0)], range($from, $until),
        );
        self::assertNull(Course::of([]));
        self::assertNull(Course::of($drift(0.3, 0, 20)));
        self::assertNotNull(Course::of($drift(0.7, 0, 20)));
        self::assertNull(Course::of($drift(3.0, 0, 4)), 'less than five seconds');
        self::assertNull(Course::of([...$drift(3.0, 0, 20), [60.0, new Position(200.0, 0.0)]]), 'after a silence');
    }

    public function test_with_the_strays_of_a_phone_it_is_within_fifteen_degrees_at_the_speed_of_a_motor(): void
    {
        $random = new Randomizer(new Mt19937(44));
        $stray = static fn (): float => 3.0 * ($random->getInt(-1_000, 1_000) / 1_000);
        $near = 0;
        for ($i = 0; $i < 200; $i++) {
            $toward = (float) $random->getInt(0, 359);
            $way = array_map(static fn (int $second): array => [(float) $second, (new Position(0.0, 0.0))
                ->onward($toward, 2.0 * $second)->plus($stray(), $stray())], range(0, 15));
            $course = Course::of($way);
            $near += (int) ($course !== null && abs(fmod($course->towardDeg - $toward + 540.0, 360.0) - 180.0) <= 15.0);
        }
        self::assertGreaterThan(185, $near);
    }
}
