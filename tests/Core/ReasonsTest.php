<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Every sentence names the reading it rests on. */
final class ReasonsTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function named(): iterable
    {
        yield 'temperature' => ['F1', ['temp' => 4.0], '4 °C'];
        yield 'temperature of a spoon' => ['F2', ['temp' => 9.0, 'family' => 'spoon'], '9 °C'];
        yield 'surface' => ['F3', ['family' => 'spoon', 'surface' => 24.0, 'zone' => 'thermocline'], '24 °C'];
        yield 'wall' => ['F4', ['family' => 'tail_spinner', 'wall' => true], 'wall'];
        yield 'fish' => ['F5', ['family' => 'bladed_spoon', 'fish' => 'white_bass'], 'White bass'];
        yield 'clarity' => ['F6', ['family' => 'spoon', 'clarity' => 'dirty'], 'Dirty water'];
        yield 'stain' => ['F7', ['clarity' => 'stained'], 'Stained water'];
        yield 'weed' => ['F8', ['bottom' => 'weed_thick'], 'Thick weed'];
        yield 'bottom' => ['F9', ['bottom' => 'rock_to_sand'], 'Rock to sand'];
        yield 'weight for bream' => ['F10', ['fish' => 'bream', 'g' => 18.0], '18 g'];
        yield 'trend' => ['F13', ['trend' => 'cooling', 'temp' => 18.0], 'Cooling, still 18 °C'];
        yield 'angle and flow' => ['W1', ['lean' => 23.0, 'boat' => 0.2], '23° at 0.2 m/s'];
        yield 'working weight' => ['W2', ['oz' => 0.75], '2 steps heavier than the 14 g'];
        yield 'wind' => ['W4', ['oz' => 0.25, 'how' => 'cast', 'wind' => 8.0], '8 m/s of wind'];
        yield 'seconds and depth' => ['W5', ['seconds' => 18.0, 'depth' => 15.0], '18 s to bottom at 15 m'];
        yield 'forage' => ['W9', ['oz' => 0.375, 'forage' => 'smaller'], 'this one, about 5 cm'];
        yield 'hole' => ['H1', ['hole' => 0], 'Front hole'];
        yield 'depth of a steep hang' => ['H4', ['depth' => 15.0, 'hang' => 52.0], '15 m down: nose 52° down'];
        yield 'flow of a steep hang' => ['H4', ['boat' => 0.5, 'hang' => 52.0], '0.5 m/s of flow'];
        yield 'level hang' => ['H5', ['zone' => 'suspended', 'hang' => 4.0], '4°'];
        yield 'light and water' => ['C1', ['light' => 'bright'], 'Bright light and clear water'];
        yield 'food' => ['C2', ['finish' => 'gold', 'food' => ['golden_shiner']], 'Golden shiner about'];
        yield 'dim and stained together' => ['C3', ['finish' => 'white', 'light' => 'dim', 'clarity' => 'stained'], 'Dim and stained'];
        yield 'minutes' => ['C8', ['finish' => 'natural', 'refused' => 27.0], '27 minutes'];
        yield 'why slow' => ['K1', ['cadence' => 'short_pop', 'calm' => true, 'mood' => 'sluggish'], 'Calm, sluggish fish'];
        yield 'why quick' => ['K2', ['cadence' => 'high_pop', 'mood' => 'active', 'temp' => 12.0], 'Active fish and 12 °C'];
        yield 'why low' => ['K3', ['cadence' => 'low_hop', 'temp' => 4.0, 'calm' => true], '4 °C, calm'];
        yield 'why still' => ['K5', ['cadence' => 'dead_stick', 'temp' => 3.0, 'pressured' => true], '3 °C, pressured fish'];
        yield 'why not still' => ['K5', ['cadence' => 'dead_stick', 'boat' => 0.3], '0.3 m/s past you'];
        yield 'tide' => [
            'K11', ['cadence' => 'ride_the_tide', 'g' => 3.0, 'fish' => 'bream', 'current' => 0.3, 'away' => true],
            '0.3 m/s away from you',
        ];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('named')]
    public function test_names_the_reading(string $rule, array $given, string $words): void
    {
        self::assertStringContainsString($words, str_replace("\u{A0}", ' ', (string) $this->words($rule, $given)));
    }
}
