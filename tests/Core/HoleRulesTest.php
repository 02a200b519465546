<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Which hole: both schools, each rule at its edges. */
final class HoleRulesTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function cases(): iterable
    {
        yield 'H1: vertical, hole 0 of three' => ['H1', ['hole' => 0], -1.0];
        yield 'H1: vertical, hole 1 of three' => ['H1', ['hole' => 1], 0.0];
        yield 'H1: vertical, hole 2 of three' => ['H1', ['hole' => 2], -1.0];
        yield 'H1: cast, hole 0 of three' => ['H1', ['hole' => 0, 'how' => 'cast'], 0.0];
        yield 'H1: cast, hole 1 of three' => ['H1', ['hole' => 1, 'how' => 'cast'], -1.0];
        yield 'H1: cast, hole 2 of three' => ['H1', ['hole' => 2, 'how' => 'cast'], -2.0];
        yield 'H1: hop, hole 0 of three' => ['H1', ['hole' => 0, 'hop' => true], -2.0];
        yield 'H1: hop, hole 1 of three' => ['H1', ['hole' => 1, 'hop' => true], -1.0];
        yield 'H1: hop, hole 2 of three' => ['H1', ['hole' => 2, 'hop' => true], 0.0];
        yield 'H1: vertical, hole 0 of four' => ['H1', ['hole' => 0, 'count' => 4], -1.0];
        yield 'H1: vertical, hole 1 of four' => ['H1', ['hole' => 1, 'count' => 4], 0.0];
        yield 'H1: vertical, hole 2 of four' => ['H1', ['hole' => 2, 'count' => 4], 0.0];
        yield 'H1: vertical, hole 3 of four' => ['H1', ['hole' => 3, 'count' => 4], -1.0];
        yield 'H1: cast, hole 3 of four counts two at most' => ['H1', ['hole' => 3, 'count' => 4, 'how' => 'cast'], -2.0];
        yield 'H1: vertical, hole 0 of two: any' => ['H1', ['hole' => 0, 'count' => 2], 0.0];
        yield 'H1: vertical, hole 1 of two: any' => ['H1', ['hole' => 1, 'count' => 2], 0.0];
        yield 'H1: a single hole' => ['H1', ['count' => 1], 0.0];
        yield 'H1: no holes' => ['H1', ['count' => 0], 0.0];
        yield 'H1: the other school' => ['H1', ['hole' => 0, 'holes' => 'level-lift'], 0.0];
        yield 'H2: front in the very cold' => ['H2', ['hole' => 0, 'temp' => 4.0], -1.0];
        yield 'H2: front, sluggish' => ['H2', ['hole' => 0, 'mood' => 'sluggish'], -1.0];
        yield 'H2: middle in the very cold' => ['H2', ['hole' => 1, 'temp' => 4.0], 0.0];
        yield 'H2: front in the cold' => ['H2', ['hole' => 0, 'temp' => 5.0], 0.0];
        yield 'H2: the other school' => ['H2', ['hole' => 0, 'temp' => 4.0, 'holes' => 'level-lift'], 0.0];
        yield 'H3: level-lift vertical, hole 0' => ['H3', ['hole' => 0, 'holes' => 'level-lift'], 0.0];
        yield 'H3: level-lift hop changes nothing, hole 0' => ['H3', ['hole' => 0, 'holes' => 'level-lift', 'hop' => true], 0.0];
        yield 'H3: level-lift vertical, hole 1' => ['H3', ['hole' => 1, 'holes' => 'level-lift'], -1.0];
        yield 'H3: level-lift hop changes nothing, hole 1' => ['H3', ['hole' => 1, 'holes' => 'level-lift', 'hop' => true], -1.0];
        yield 'H3: level-lift vertical, hole 2' => ['H3', ['hole' => 2, 'holes' => 'level-lift'], -2.0];
        yield 'H3: level-lift hop changes nothing, hole 2' => ['H3', ['hole' => 2, 'holes' => 'level-lift', 'hop' => true], -2.0];
        yield 'H3: level-lift cast, hole 0' => ['H3', ['hole' => 0, 'holes' => 'level-lift', 'how' => 'cast'], -2.0];
        yield 'H3: level-lift cast, hole 1' => ['H3', ['hole' => 1, 'holes' => 'level-lift', 'how' => 'cast'], -1.0];
        yield 'H3: level-lift cast, hole 2' => ['H3', ['hole' => 2, 'holes' => 'level-lift', 'how' => 'cast'], 0.0];
        yield 'H3: middle-first' => ['H3', ['hole' => 2], 0.0];
        yield 'H4: deep and steep' => ['H4', ['depth' => 12.1, 'hang' => 41.0], 1.0];
        yield 'H4: 12 m is not deeper' => ['H4', ['depth' => 12.0, 'hang' => 41.0], 0.0];
        yield 'H4: 40 degrees is not above' => ['H4', ['depth' => 20.0, 'hang' => 40.0], 0.0];
        yield 'H4: flow over 0.4' => ['H4', ['boat' => 0.41, 'hang' => 50.0], 1.0];
        yield 'H4: flow the other way' => ['H4', ['boat' => -0.41, 'hang' => 50.0], 1.0];
        yield 'H4: flow of 0.4' => ['H4', ['boat' => 0.4, 'hang' => 50.0], 0.0];
        yield 'H4: no holes' => ['H4', ['depth' => 20.0, 'hang' => 50.0, 'count' => 0], 0.0];
        yield 'H5: suspended and level' => ['H5', ['zone' => 'suspended', 'hang' => 14.0], 1.0];
        yield 'H5: suspended, nose up' => ['H5', ['zone' => 'suspended', 'hang' => -8.0], 1.0];
        yield 'H5: 15 degrees' => ['H5', ['zone' => 'suspended', 'hang' => 15.0], 0.0];
        yield 'H5: on the bottom' => ['H5', ['hang' => 5.0], 0.0];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('cases')]
    public function test_gives_its_points(string $rule, array $given, float $points): void
    {
        self::assertSame($points, $this->points($rule, $given));
    }
}
