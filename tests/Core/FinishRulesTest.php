<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Which finish: both schools, each rule at its edges. */
final class FinishRulesTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function cases(): iterable
    {
        yield 'C1: silver as a rule' => ['C1', [], 1.0];
        yield 'C1: not where perch is food' => ['C1', ['food' => ['perch']], 0.0];
        yield 'C1: not when dim' => ['C1', ['light' => 'dim'], 0.0];
        yield 'C1: not when stained' => ['C1', ['clarity' => 'stained'], 0.0];
        yield 'C1: gold is not silver' => ['C1', ['finish' => 'gold'], 0.0];
        yield 'C1: the other school' => ['C1', ['finishes' => 'flash-by-light'], 0.0];
        yield 'C1: shad leaves it to C7' => ['C1', ['food' => ['shad']], 0.0];
        yield 'C2: gold where the food is perch' => ['C2', ['finish' => 'gold', 'food' => ['perch']], 2.0];
        yield 'C2: perch where the food is perch' => ['C2', ['finish' => 'perch', 'food' => ['perch']], 2.0];
        yield 'C2: silver where the food is perch' => ['C2', ['finish' => 'silver', 'food' => ['perch']], 0.0];
        yield 'C2: gold where the food is sunfish' => ['C2', ['finish' => 'gold', 'food' => ['sunfish']], 2.0];
        yield 'C2: perch where the food is sunfish' => ['C2', ['finish' => 'perch', 'food' => ['sunfish']], 2.0];
        yield 'C2: silver where the food is sunfish' => ['C2', ['finish' => 'silver', 'food' => ['sunfish']], 0.0];
        yield 'C2: gold where the food is golden_shiner' => ['C2', ['finish' => 'gold', 'food' => ['golden_shiner']], 2.0];
        yield 'C2: perch where the food is golden_shiner' => ['C2', ['finish' => 'perch', 'food' => ['golden_shiner']], 2.0];
        yield 'C2: silver where the food is golden_shiner' => ['C2', ['finish' => 'silver', 'food' => ['golden_shiner']], 0.0];
        yield 'C2: no such food' => ['C2', ['finish' => 'gold', 'food' => ['goby']], 0.0];
        yield 'C2: for bream halved' => ['C2', ['finish' => 'gold', 'food' => ['perch'], 'fish' => 'bream'], 1.0];
        yield 'C3: white when dim' => ['C3', ['finish' => 'white', 'light' => 'dim'], 2.0];
        yield 'C3: white when dirty' => ['C3', ['finish' => 'white', 'clarity' => 'dirty'], 2.0];
        yield 'C3: chartreuse when dim' => ['C3', ['finish' => 'chartreuse', 'light' => 'dim'], 1.0];
        yield 'C3: chartreuse when dirty' => ['C3', ['finish' => 'chartreuse', 'clarity' => 'dirty'], 1.0];
        yield 'C3: silver when dim' => ['C3', ['finish' => 'silver', 'light' => 'dim'], 0.0];
        yield 'C3: silver when dirty' => ['C3', ['finish' => 'silver', 'clarity' => 'dirty'], 0.0];
        yield 'C3: white in clear bright water' => ['C3', ['finish' => 'white', 'light' => 'bright'], 0.0];
        yield 'C3: not twice when dim and stained' => ['C3', ['finish' => 'white', 'light' => 'dim', 'clarity' => 'stained'], 2.0];
        yield 'C4: silver in bright light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'bright', 'finish' => 'silver'], 2.0];
        yield 'C4: gold in bright light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'bright', 'finish' => 'gold'], 0.0];
        yield 'C4: gold in dim light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'dim', 'finish' => 'gold'], 2.0];
        yield 'C4: silver in dim light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'dim', 'finish' => 'silver'], 0.0];
        yield 'C4: gold in mixed light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'mixed', 'finish' => 'gold'], 0.0];
        yield 'C4: silver in mixed light' => ['C4', ['finishes' => 'flash-by-light', 'light' => 'mixed', 'finish' => 'silver'], 0.0];
        yield 'C4: the other school' => ['C4', ['light' => 'bright'], 0.0];
        yield 'C5: chartreuse in clear water' => ['C5', ['finish' => 'chartreuse', 'clarity' => 'clear'], 0.0];
        yield 'C5: chartreuse in stained water' => ['C5', ['finish' => 'chartreuse', 'clarity' => 'stained'], 0.5];
        yield 'C5: chartreuse in dirty water' => ['C5', ['finish' => 'chartreuse', 'clarity' => 'dirty'], 1.0];
        yield 'C5: for bream halved' => ['C5', ['finish' => 'chartreuse', 'clarity' => 'stained', 'fish' => 'bream'], 0.25];
        yield 'C6: natural in clear water' => ['C6', ['finish' => 'natural'], 1.0];
        yield 'C6: black_white in clear water' => ['C6', ['finish' => 'black_white'], 1.0];
        yield 'C6: black in clear water' => ['C6', ['finish' => 'black'], 0.0];
        yield 'C6: natural in stained water' => ['C6', ['finish' => 'natural', 'clarity' => 'stained'], 0.0];
        yield 'C7: white with shad about' => ['C7', ['finish' => 'white', 'food' => ['shad']], 1.0];
        yield 'C7: white with alewife about' => ['C7', ['finish' => 'white', 'food' => ['alewife']], 1.0];
        yield 'C7: silver with shad about' => ['C7', ['finish' => 'silver', 'food' => ['shad']], 1.0];
        yield 'C7: silver with alewife about' => ['C7', ['finish' => 'silver', 'food' => ['alewife']], 1.0];
        yield 'C7: gold with shad about' => ['C7', ['finish' => 'gold', 'food' => ['shad']], 0.0];
        yield 'C7: gold with alewife about' => ['C7', ['finish' => 'gold', 'food' => ['alewife']], 0.0];
        yield 'C8: twenty minutes refused' => ['C8', ['finish' => 'natural', 'refused' => 20.0], 2.0];
        yield 'C8: nineteen' => ['C8', ['finish' => 'natural', 'refused' => 19.0], 0.0];
        yield 'C8: touched after all' => ['C8', ['finish' => 'natural', 'refused' => 90.0, 'touched' => true], 0.0];
        yield 'C8: silver itself' => ['C8', ['refused' => 90.0], 0.0];
        yield 'C2: white with a little gold' => ['C2', ['finish' => 'white', 'accents' => ['gold'], 'food' => ['perch']], 2.0];
        yield 'C2: a gold back on a perch pattern counts once' => [
            'C2', ['finish' => 'perch', 'accents' => ['gold'], 'food' => ['perch']], 2.0,
        ];
        yield 'C4: a little gold in dim light' => [
            'C4', ['finish' => 'white', 'accents' => ['gold'], 'light' => 'dim', 'finishes' => 'flash-by-light'], 2.0,
        ];
        yield 'C9: red elsewhere' => ['C9', ['accents' => ['red']], 0.0];
        yield 'C11: gold wanted' => ['C11', ['finish' => 'white', 'accents' => ['gold'], 'gold' => true], 1.0];
        yield 'C11: gold itself' => ['C11', ['finish' => 'gold', 'gold' => true], 1.0];
        yield 'C11: for bream halved' => ['C11', ['finish' => 'gold', 'gold' => true, 'fish' => 'bream'], 0.5];
        yield 'C11: not wanted' => ['C11', ['finish' => 'gold'], 0.0];
        yield 'C9: red' => ['C9', ['red' => true], 0.5];
        yield 'C9: red for bream' => ['C9', ['red' => true, 'fish' => 'bream'], 0.25];
        yield 'C9: none' => ['C9', [], 0.0];
        yield 'C10: black for bream' => ['C10', ['finish' => 'black', 'fish' => 'bream'], 1.0];
        yield 'C10: black for walleye' => ['C10', ['finish' => 'black'], 0.0];
        yield 'C10: pink for bream' => ['C10', ['finish' => 'pink', 'fish' => 'bream'], 0.0];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('cases')]
    public function test_gives_its_points(string $rule, array $given, float $points): void
    {
        self::assertSame($points, $this->points($rule, $given));
    }
}
