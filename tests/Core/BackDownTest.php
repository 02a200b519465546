<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Record\BackDown;
use PHPUnit\Framework\TestCase;

final class BackDownTest extends TestCase
{
    /**
     * @param  list<float>  $seconds
     * @return list<array{float, bool}>
     */
    private static function fish(array $seconds, int $followed): array
    {
        return array_map(static fn (float $s, int $i): array => [$s, $i < $followed], $seconds, array_keys($seconds));
    }

    public function test_each_class_needs_eight_fish_and_two_classes_speak(): void
    {
        $quick = self::fish([5.0, 10.0, 12.0, 20.0, 21.0, 25.0, 29.0, 30.0], 6);
        $slow = self::fish([121.0, 130.0, 200.0, 300.0, 400.0, 500.0, 900.0, 5000.0], 1);
        $between = self::fish([30.1, 60.0, 70.0, 80.0, 90.0, 100.0, 120.0], 7);
        $back = BackDown::of([...$slow, ...$between, ...$quick]);
        self::assertNotNull($back);
        self::assertSame([[30.0, 6, 8], [INF, 1, 8]], array_map(
            static fn (array $class): array => [$class['upToS'], $class['followed'], $class['of']], $back->classes,
        ));
        // Beta(1 + 6, 1 + 2): mean 7/10.
        self::assertEqualsWithDelta(0.7, $back->classes[0]['share']->mean, 1e-9);
        self::assertNull(BackDown::of([...$between, ...$quick]), 'seven are not eight');
        $third = BackDown::of([...$between, [119.0, false], ...$quick, ...$slow]);
        self::assertSame([30.0, 120.0, INF], array_column($third->classes ?? [], 'upToS'));
    }
}
