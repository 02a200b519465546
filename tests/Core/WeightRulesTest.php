<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Units\Constants;
use PHPUnit\Framework\Attributes\DataProvider;

/** Which weight: each rule at its edges. */
final class WeightRulesTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function cases(): iterable
    {
        yield 'W1: 20 degrees' => ['W1', ['lean' => 20.0], 2.0];
        yield 'W1: just over 20' => ['W1', ['lean' => 20.1], -1.0];
        yield 'W1: 35 degrees' => ['W1', ['lean' => -35.0], -1.0];
        yield 'W1: over 35' => ['W1', ['lean' => 36.0], -4.0];
        yield 'W1: beyond reckoning' => ['W1', ['lean' => null], -4.0];
        yield 'W1: casting' => ['W1', ['lean' => 50.0, 'how' => 'cast'], 0.0];
        yield 'W2: 0.125 oz where half an ounce works' => ['W2', ['oz' => 0.125], -3.0];
        yield 'W2: 0.25 oz where half an ounce works' => ['W2', ['oz' => 0.25], -2.0];
        yield 'W2: 0.375 oz where half an ounce works' => ['W2', ['oz' => 0.375], -1.0];
        yield 'W2: 0.5 oz where half an ounce works' => ['W2', ['oz' => 0.5], 0.0];
        yield 'W2: 0.625 oz where half an ounce works' => ['W2', ['oz' => 0.625], -1.0];
        yield 'W2: 0.75 oz where half an ounce works' => ['W2', ['oz' => 0.75], -2.0];
        yield 'W2: 1.0 oz where half an ounce works' => ['W2', ['oz' => 1.0], -3.0];
        yield 'W2: 0.375 oz, suspended, the first step lighter is free' => ['W2', ['oz' => 0.375, 'zone' => 'suspended'], 0.0];
        yield 'W2: 0.25 oz, suspended, the first step lighter is free' => ['W2', ['oz' => 0.25, 'zone' => 'suspended'], -1.0];
        yield 'W2: 0.625 oz, suspended, the first step lighter is free' => ['W2', ['oz' => 0.625, 'zone' => 'suspended'], -1.0];
        yield 'W2: 6 g where 3 g works, bream' => ['W2', ['g' => 6.0, 'fish' => 'bream', 'working' => 0.1058], -2.0];
        yield 'W2: nearest step' => ['W2', ['oz' => 0.52], 0.0];
        yield 'W3: 0.5 oz cast over rock' => ['W3', ['oz' => 0.5, 'how' => 'cast', 'bottom' => 'rock'], 1.0];
        yield 'W3: 0.625 oz cast over rock' => ['W3', ['oz' => 0.625, 'how' => 'cast', 'bottom' => 'rock'], 0.0];
        yield 'W3: 0.75 oz cast over rock' => ['W3', ['oz' => 0.75, 'how' => 'cast', 'bottom' => 'rock'], -1.0];
        yield 'W3: rock to sand is not rock' => ['W3', ['how' => 'cast', 'bottom' => 'rock_to_sand'], 0.0];
        yield 'W3: vertical' => ['W3', ['bottom' => 'rock'], 0.0];
        yield 'W4: quarter ounce into wind' => ['W4', ['oz' => 0.25, 'how' => 'cast', 'wind' => 5.1], -1.0];
        yield 'W4: three eighths into wind' => ['W4', ['oz' => 0.375, 'how' => 'cast', 'wind' => 9.0], 0.0];
        yield 'W4: hardly less than three eighths into wind' => ['W4', ['oz' => 0.36, 'how' => 'cast', 'wind' => 9.0], -1.0];
        yield 'W4: exactly 5 m/s' => ['W4', ['oz' => 0.25, 'how' => 'cast', 'wind' => 5.0], 0.0];
        yield 'W4: vertical in wind' => ['W4', ['oz' => 0.25, 'wind' => 9.0], 0.0];
        yield 'W5: 15 s is not over' => ['W5', ['seconds' => 15.0], 0.0];
        yield 'W5: 16 s' => ['W5', ['seconds' => 16.0], -1.0];
        yield 'W5: 16 s but marks below' => ['W5', ['seconds' => 16.0, 'marks' => true], 0.0];
        yield 'W5: cast too' => ['W5', ['seconds' => 16.0, 'how' => 'cast'], -1.0];
        yield 'W6: 11.9 g for walleye' => ['W6', ['g' => 11.9], 0.0];
        yield 'W6: 12.0 g for walleye' => ['W6', ['g' => 12.0], 1.0];
        yield 'W6: 16.0 g for walleye' => ['W6', ['g' => 16.0], 1.0];
        yield 'W6: 16.1 g for walleye' => ['W6', ['g' => 16.1], 0.0];
        yield 'W6: leaning line takes it away' => ['W6', ['lean' => 21.0], 0.0];
        yield 'W6: for perch' => ['W6', ['fish' => 'perch'], 0.0];
        yield 'W6: cast over rock, half ounce' => ['W6', ['how' => 'cast', 'bottom' => 'rock', 'g' => 14.0], 1.0];
        yield 'W8: half-ounce tail spinner at a wall' => ['W8', ['family' => 'tail_spinner', 'wall' => true], 1.0];
        yield 'W8: no wall' => ['W8', ['family' => 'tail_spinner'], 0.0];
        yield 'W8: three quarters' => ['W8', ['family' => 'tail_spinner', 'wall' => true, 'oz' => 0.75], 0.0];
        yield 'W8: a blade' => ['W8', ['wall' => true], 0.0];
        yield 'W9: nothing read' => ['W9', ['oz' => 0.375], 0.0];
        yield 'W9: small forage, a step lighter' => ['W9', ['oz' => 0.375, 'forage' => 'smaller'], 1.0];
        yield 'W9: small forage, a step heavier' => ['W9', ['oz' => 0.625, 'forage' => 'smaller'], -1.0];
        yield 'W9: small forage, the working weight' => ['W9', ['oz' => 0.5, 'forage' => 'smaller'], 0.0];
        yield 'W9: large forage, two steps heavier' => ['W9', ['oz' => 0.75, 'forage' => 'larger'], 1.0];
        yield 'W9: large forage, a step lighter' => ['W9', ['oz' => 0.375, 'forage' => 'larger'], -1.0];
        yield 'W9: forage like the lure' => ['W9', ['oz' => 0.5, 'forage' => 'like'], 1.0];
        yield 'W9: forage like the lure, another weight' => ['W9', ['oz' => 0.75, 'forage' => 'like'], 0.0];
    }

    public function test_the_lightest_that_is_made_and_not_lighter_is_told(): void
    {
        $ounces = static fn (float $asked, Species $fish = Species::Walleye): ?float => (
            $kg = WeightSteps::stamped($asked * Constants::OUNCE_KG, $fish)
        ) === null ? null : round($kg / Constants::OUNCE_KG, 4);
        self::assertSame([0.125, 0.5, 0.5, 0.625], array_map($ounces, [0.1, 0.4, 0.5, 0.51]));
        // Beyond the series in quarters, up to two ounces.
        self::assertSame([1.25, 1.25, 1.5, 2.0, 2.0, null], array_map($ounces, [1.06, 1.25, 1.26, 1.8, 2.0, 2.1]));
        self::assertSame(
            [0.25, 1.0, null], array_map(static fn (float $asked): ?float => $ounces($asked, Species::Bream), [0.249, 0.8, 1.1]),
        );
        self::assertSame(0.0045, WeightSteps::stamped(0.004, Species::Bream));
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('cases')]
    public function test_gives_its_points(string $rule, array $given, float $points): void
    {
        self::assertSame($points, $this->points($rule, $given));
    }
}
