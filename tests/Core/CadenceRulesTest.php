<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Which cadence: each rule at its edges, both schools of vigour. */
final class CadenceRulesTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function cases(): iterable
    {
        yield 'K3: bream in either school' => ['K3', ['cadence' => 'low_hop', 'fish' => 'bream', 'vigour' => 'snap-awake'], 3.0];
        yield 'K3: bream, calm and cold add nothing' => [
            'K3', ['cadence' => 'low_hop', 'fish' => 'bream', 'temp' => 3.0, 'calm' => true], 3.0,
        ];
        yield 'K4: not for bream' => ['K4', ['cadence' => 'clock_sweep', 'how' => 'cast', 'fish' => 'bream'], 0.0];
        yield 'K1: plain' => ['K1', ['cadence' => 'short_pop'], 2.0];
        yield 'K1: calm' => ['K1', ['cadence' => 'short_pop', 'calm' => true], 1.0];
        yield 'K1: sluggish' => ['K1', ['cadence' => 'short_pop', 'mood' => 'sluggish'], 1.0];
        yield 'K1: both' => ['K1', ['cadence' => 'short_pop', 'calm' => true, 'mood' => 'sluggish'], 1.0];
        yield 'K1: snap-awake, calm' => ['K1', ['cadence' => 'short_pop', 'calm' => true, 'vigour' => 'snap-awake'], 2.0];
        yield 'K1: another cadence' => ['K1', ['cadence' => 'low_hop'], 0.0];
        yield 'K2: active' => ['K2', ['cadence' => 'high_pop', 'mood' => 'active'], 2.0];
        yield 'K2: active and warmer' => ['K2', ['cadence' => 'high_pop', 'mood' => 'active', 'temp' => 10.1], 3.0];
        yield 'K2: warmer alone' => ['K2', ['cadence' => 'high_pop', 'temp' => 11.0], 1.0];
        yield 'K2: sluggish' => ['K2', ['cadence' => 'high_pop', 'mood' => 'sluggish'], -2.0];
        yield 'K2: sluggish but warmer' => ['K2', ['cadence' => 'high_pop', 'mood' => 'sluggish', 'temp' => 12.0], -1.0];
        yield 'K2: snap-awake in the cold' => ['K2', ['cadence' => 'high_pop', 'vigour' => 'snap-awake'], 2.0];
        yield 'K2: snap-awake, active, cold' => [
            'K2', ['cadence' => 'high_pop', 'vigour' => 'snap-awake', 'mood' => 'active', 'temp' => 10.0], 4.0,
        ];
        yield 'K2: snap-awake, warmer' => ['K2', ['cadence' => 'high_pop', 'vigour' => 'snap-awake', 'temp' => 12.0], 1.0];
        yield 'K2: neutral and cold' => ['K2', ['cadence' => 'high_pop'], 0.0];
        yield 'K3: plain' => ['K3', ['cadence' => 'low_hop'], 1.0];
        yield 'K3: very cold' => ['K3', ['cadence' => 'low_hop', 'temp' => 4.0], 2.0];
        yield 'K3: very cold and calm' => ['K3', ['cadence' => 'low_hop', 'temp' => 4.0, 'calm' => true], 3.0];
        yield 'K3: three at most' => ['K3', ['cadence' => 'low_hop', 'temp' => 4.0, 'calm' => true, 'mood' => 'sluggish'], 3.0];
        yield 'K3: snap-awake' => ['K3', ['cadence' => 'low_hop', 'temp' => 4.0, 'vigour' => 'snap-awake'], 0.0];
        yield 'K4: cast' => ['K4', ['cadence' => 'clock_sweep', 'how' => 'cast'], 1.0];
        yield 'K4: warmer' => ['K4', ['cadence' => 'clock_sweep', 'how' => 'cast', 'temp' => 10.1], 2.0];
        yield 'K4: at 10 degrees' => ['K4', ['cadence' => 'clock_sweep', 'how' => 'cast', 'temp' => 10.0], 1.0];
        yield 'K4: active, warmer' => [
            'K4', ['cadence' => 'clock_sweep', 'how' => 'cast', 'temp' => 12.0, 'mood' => 'active'], 3.0,
        ];
        yield 'K5: flow over 0.15' => ['K5', ['cadence' => 'dead_stick', 'boat' => 0.16, 'fish' => 'bream'], -2.0];
        yield 'K5: bream' => ['K5', ['cadence' => 'dead_stick', 'fish' => 'bream'], 4.0];
        yield 'K5: very cold' => ['K5', ['cadence' => 'dead_stick', 'temp' => 4.0], 1.0];
        yield 'K5: very cold, pressured, sluggish' => [
            'K5', ['cadence' => 'dead_stick', 'temp' => 4.0, 'pressured' => true, 'mood' => 'sluggish'], 4.0,
        ];
        yield 'K5: pressured' => ['K5', ['cadence' => 'dead_stick', 'pressured' => true], 2.0];
        yield 'K5: snap-awake and pressured' => [
            'K5', ['cadence' => 'dead_stick', 'pressured' => true, 'temp' => 4.0, 'vigour' => 'snap-awake'], 1.0,
        ];
        yield 'K5: snap-awake and very cold' => ['K5', ['cadence' => 'dead_stick', 'temp' => 4.0, 'vigour' => 'snap-awake'], 0.0];
        yield 'K5: nothing calls for it' => ['K5', ['cadence' => 'dead_stick'], 0.0];
        yield 'K6: 10.0 degrees, bottom' => [
            'K6', ['cadence' => 'steady_lift', 'family' => 'spoon', 'temp' => 10.0, 'zone' => 'bottom'], 3.0,
        ];
        yield 'K6: 13.0 degrees, bottom' => [
            'K6', ['cadence' => 'steady_lift', 'family' => 'spoon', 'temp' => 13.0, 'zone' => 'bottom'], 3.0,
        ];
        yield 'K6: 9.9 degrees, bottom' => [
            'K6', ['cadence' => 'steady_lift', 'family' => 'spoon', 'temp' => 9.9, 'zone' => 'bottom'], 0.0,
        ];
        yield 'K6: 13.1 degrees, bottom' => [
            'K6', ['cadence' => 'steady_lift', 'family' => 'spoon', 'temp' => 13.1, 'zone' => 'bottom'], 0.0,
        ];
        yield 'K6: 12.0 degrees, suspended' => [
            'K6', ['cadence' => 'steady_lift', 'family' => 'spoon', 'temp' => 12.0, 'zone' => 'suspended'], 0.0,
        ];
        yield 'K7: always' => ['K7', ['cadence' => 'flutter_drop', 'family' => 'spoon'], 2.0];
        yield 'K8: marks below' => ['K8', ['cadence' => 'hand_feed', 'family' => 'spoon', 'marks' => true], 3.0];
        yield 'K8: no marks' => ['K8', ['cadence' => 'hand_feed', 'family' => 'spoon'], 0.0];
        yield 'K9: over rock' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'rock'], 1.0];
        yield 'K9: over weed_scattered' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'weed_scattered'], 3.0];
        yield 'K9: over weed_thick' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'weed_thick'], 3.0];
        yield 'K9: over rock, active' => [
            'K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'rock', 'mood' => 'active'], 2.0,
        ];
        yield 'K9: suspended' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'zone' => 'suspended'], 3.0];
        yield 'K9: thermocline' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'zone' => 'thermocline'], 1.0];
        yield 'K9: over rock_to_sand' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'rock_to_sand'], 0.0];
        yield 'K9: over mud' => ['K9', ['cadence' => 'slow_roll', 'how' => 'cast', 'bottom' => 'mud'], 0.0];
        yield 'K10: at a wall' => ['K10', ['cadence' => 'wall_fall', 'family' => 'tail_spinner', 'wall' => true], 3.0];
        yield 'K10: no wall' => ['K10', ['cadence' => 'wall_fall', 'family' => 'tail_spinner'], 0.0];
        yield 'K11: bream, flow away' => [
            'K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'bream', 'current' => 0.2, 'away' => true], 4.0,
        ];
        yield 'K11: flow toward' => ['K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'bream', 'current' => 0.2], 0.0];
        yield 'K11: too slow' => [
            'K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'bream', 'current' => 0.15, 'away' => true], 0.0,
        ];
        yield 'K11: not for bass' => [
            'K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'smallmouth', 'current' => 0.2, 'away' => true], 0.0,
        ];
        yield 'K12: suspended' => ['K12', ['cadence' => 'float', 'oz' => 0.25, 'zone' => 'suspended'], 3.0];
        yield 'K11: how it runs counts before how it ran' => [
            'K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'bream', 'current' => 0.2, 'away' => true, 'runs' => 'toward'], 0.0,
        ];
        yield 'K12: thermocline' => ['K12', ['cadence' => 'float', 'oz' => 0.25, 'zone' => 'thermocline'], 1.0];
        yield 'K12: on the bottom' => ['K12', ['cadence' => 'float', 'oz' => 0.25], 0.0];
        yield 'K13: active off the bottom' => [
            'K13', ['cadence' => 'tall_rise', 'family' => 'spoon', 'mood' => 'active', 'zone' => 'suspended'], 3.0,
        ];
        yield 'K13: active in the thermocline' => [
            'K13', ['cadence' => 'tall_rise', 'family' => 'spoon', 'mood' => 'active', 'zone' => 'thermocline'], 3.0,
        ];
        yield 'K13: active on the bottom' => ['K13', ['cadence' => 'tall_rise', 'family' => 'spoon', 'mood' => 'active'], 1.0];
        yield 'K14: mild' => ['K14', ['cadence' => 'slow_pull', 'how' => 'cast', 'temp' => 11.0], 2.0];
        yield 'K14: cold' => ['K14', ['cadence' => 'slow_pull', 'how' => 'cast', 'temp' => 10.0], 3.0];
        yield 'K14: cold and pressured, three at most' => [
            'K14', ['cadence' => 'slow_pull', 'how' => 'cast', 'temp' => 4.0, 'pressured' => true], 3.0,
        ];
        yield 'K14: snap-awake' => [
            'K14', ['cadence' => 'slow_pull', 'how' => 'cast', 'temp' => 4.0, 'vigour' => 'snap-awake'], 1.0,
        ];
        yield 'K14: bream' => ['K14', ['cadence' => 'slow_pull', 'how' => 'cast', 'fish' => 'bream'], 0.0];
        yield 'K1: cast to startle' => ['K1', ['cadence' => 'short_pop', 'how' => 'cast', 'vigour' => 'snap-awake'], 2.0];
        yield 'K13: neutral' => ['K13', ['cadence' => 'tall_rise', 'family' => 'spoon', 'zone' => 'suspended'], 0.0];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('cases')]
    public function test_gives_its_points(string $rule, array $given, float $points): void
    {
        self::assertSame($points, $this->points($rule, $given));
    }
}
