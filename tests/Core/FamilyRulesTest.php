<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Which family: each rule at its edges. */
final class FamilyRulesTest extends RuleTestCase
{
    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function cases(): iterable
    {
        yield 'F1: warm but cooling' => ['F1', ['temp' => 17.0, 'trend' => 'cooling'], 0.0];
        yield 'F1: hot but cooling' => ['F1', ['temp' => 24.0, 'trend' => 'cooling'], 0.0];
        yield 'F1: hot and steady' => ['F1', ['temp' => 24.0], -2.0];
        yield 'F8: a vibe is at home beside weed' => ['F8', ['g' => 6.0, 'bottom' => 'weed_scattered'], 0.0];
        yield 'F8: a vibe in thick weed' => ['F8', ['g' => 6.0, 'bottom' => 'weed_thick'], -3.0];
        yield 'F9: gravel or shell' => ['F9', ['bottom' => 'gravel_shell', 'fish' => 'bream'], 1.0];
        yield 'F9: short grass' => ['F9', ['bottom' => 'short_grass'], 1.0];
        yield 'F9: a ridge in the mud' => ['F9', ['bottom' => 'mud_ridge'], 1.0];
        yield 'F1: blade at 4.5' => ['F1', ['temp' => 4.5], 3.0];
        yield 'F1: blade at 4.6' => ['F1', ['temp' => 4.6], 3.0];
        yield 'F1: blade at 10' => ['F1', ['temp' => 10], 3.0];
        yield 'F1: blade at 10.1' => ['F1', ['temp' => 10.1], 2.0];
        yield 'F1: blade at 13' => ['F1', ['temp' => 13], 2.0];
        yield 'F1: blade at 13.1' => ['F1', ['temp' => 13.1], 0.0];
        yield 'F1: blade at 15.5' => ['F1', ['temp' => 15.5], 0.0];
        yield 'F1: blade at 15.6' => ['F1', ['temp' => 15.6], -1.0];
        yield 'F1: blade at 20' => ['F1', ['temp' => 20], -1.0];
        yield 'F1: blade at 20.1' => ['F1', ['temp' => 20.1], -2.0];
        yield 'F1: other lures are not judged by it' => ['F1', ['temp' => 4, 'family' => 'spoon'], 0.0];
        yield 'F2: spoon at 4' => ['F2', ['temp' => 4, 'family' => 'spoon'], 2.0];
        yield 'F2: spoon at 10' => ['F2', ['temp' => 10, 'family' => 'spoon'], 2.0];
        yield 'F2: spoon at 13' => ['F2', ['temp' => 13, 'family' => 'spoon'], 2.0];
        yield 'F2: spoon at 14' => ['F2', ['temp' => 14, 'family' => 'spoon'], 1.0];
        yield 'F2: spoon at 15.5' => ['F2', ['temp' => 15.5, 'family' => 'spoon'], 1.0];
        yield 'F2: spoon at 16' => ['F2', ['temp' => 16, 'family' => 'spoon'], 0.0];
        yield 'F2: not for bladed spoons' => ['F2', ['temp' => 4, 'family' => 'bladed_spoon'], 0.0];
        yield 'F3: spoon in the thermocline under warm water' => [
            'F3', ['family' => 'spoon', 'surface' => 24.0, 'zone' => 'thermocline'], 3.0,
        ];
        yield 'F3: bladed_spoon in the thermocline under warm water' => [
            'F3', ['family' => 'bladed_spoon', 'surface' => 24.0, 'zone' => 'thermocline'], 3.0,
        ];
        yield 'F3: blade in the thermocline under warm water' => [
            'F3', ['family' => 'blade', 'surface' => 24.0, 'zone' => 'thermocline'], 0.0,
        ];
        yield 'F3: exactly 20 is not above' => ['F3', ['family' => 'spoon', 'surface' => 20.0, 'zone' => 'thermocline'], 0.0];
        yield 'F3: suspended is not the thermocline' => ['F3', ['family' => 'spoon', 'surface' => 24.0, 'zone' => 'suspended'], 0.0];
        yield 'F4: at a wall, cold' => ['F4', ['family' => 'tail_spinner', 'wall' => true, 'temp' => 6.0], 4.0];
        yield 'F4: at a wall, cool' => ['F4', ['family' => 'tail_spinner', 'wall' => true, 'temp' => 13.0], 4.0];
        yield 'F4: at a wall, mild' => ['F4', ['family' => 'tail_spinner', 'wall' => true, 'temp' => 13.1], 0.0];
        yield 'F4: no wall' => ['F4', ['family' => 'tail_spinner'], -1.0];
        yield 'F4: a blade at a wall' => ['F4', ['wall' => true], 0.0];
        yield 'F5: white bass, always' => ['F5', ['family' => 'bladed_spoon', 'fish' => 'white_bass', 'temp' => 20.0], 5.0];
        yield 'F5: sluggish at 10' => ['F5', ['family' => 'bladed_spoon', 'mood' => 'sluggish', 'temp' => 10.0], 2.0];
        yield 'F5: sluggish at 13' => ['F5', ['family' => 'bladed_spoon', 'mood' => 'sluggish', 'temp' => 13.0], 2.0];
        yield 'F5: sluggish at 9' => ['F5', ['family' => 'bladed_spoon', 'mood' => 'sluggish', 'temp' => 9.0], 0.0];
        yield 'F5: neutral at 12' => ['F5', ['family' => 'bladed_spoon', 'temp' => 12.0], 0.0];
        yield 'F5: a spoon for white bass' => ['F5', ['family' => 'spoon', 'fish' => 'white_bass'], 0.0];
        yield 'F6: spoon in clear water' => ['F6', ['family' => 'spoon', 'clarity' => 'clear'], 1.0];
        yield 'F6: bladed spoon in clear water' => ['F6', ['family' => 'bladed_spoon', 'clarity' => 'clear'], 1.0];
        yield 'F6: spoon in stained water' => ['F6', ['family' => 'spoon', 'clarity' => 'stained'], 0.0];
        yield 'F6: bladed spoon in stained water' => ['F6', ['family' => 'bladed_spoon', 'clarity' => 'stained'], 0.0];
        yield 'F6: spoon in dirty water' => ['F6', ['family' => 'spoon', 'clarity' => 'dirty'], -2.0];
        yield 'F6: bladed spoon in dirty water' => ['F6', ['family' => 'bladed_spoon', 'clarity' => 'dirty'], -2.0];
        yield 'F7: blade in clear water' => ['F7', ['clarity' => 'clear'], 0.0];
        yield 'F7: blade in stained water' => ['F7', ['clarity' => 'stained'], 1.0];
        yield 'F7: blade in dirty water' => ['F7', ['clarity' => 'dirty'], 1.0];
        yield 'F8: blade over weed_scattered' => ['F8', ['bottom' => 'weed_scattered'], -1.0];
        yield 'F8: blade over weed_thick' => ['F8', ['bottom' => 'weed_thick'], -3.0];
        yield 'F8: blade over rock' => ['F8', ['bottom' => 'rock'], 0.0];
        yield 'F8: spoon over weed_scattered' => ['F8', ['family' => 'spoon', 'bottom' => 'weed_scattered'], 1.0];
        yield 'F8: spoon over weed_thick' => ['F8', ['family' => 'spoon', 'bottom' => 'weed_thick'], -3.0];
        yield 'F8: weedless spoon in thick weed' => ['F8', ['family' => 'spoon', 'bottom' => 'weed_thick', 'weedless' => true], 2.0];
        yield 'F8: weedless blade in thick weed' => ['F8', ['bottom' => 'weed_thick', 'weedless' => true], 0.0];
        yield 'F8: weedless bladed spoon in scattered weed' => [
            'F8', ['family' => 'bladed_spoon', 'bottom' => 'weed_scattered', 'weedless' => true], 1.0,
        ];
        yield 'F8: tail spinner in thick weed' => ['F8', ['family' => 'tail_spinner', 'bottom' => 'weed_thick'], -3.0];
        yield 'F8: above the weed' => ['F8', ['bottom' => 'weed_thick', 'zone' => 'suspended'], 0.0];
        yield 'F9: above the rock' => ['F9', ['bottom' => 'rock', 'zone' => 'suspended'], 0.0];
        yield 'F9: walleye over rock' => ['F9', ['bottom' => 'rock'], 1.0];
        yield 'F9: walleye over sand' => ['F9', ['bottom' => 'sand'], 1.0];
        yield 'F9: walleye over rock_to_sand' => ['F9', ['bottom' => 'rock_to_sand'], 1.0];
        yield 'F9: walleye over mud' => ['F9', ['bottom' => 'mud'], -1.0];
        yield 'F9: walleye over weed_thick' => ['F9', ['bottom' => 'weed_thick'], 0.0];
        yield 'F9: mud for sauger' => ['F9', ['bottom' => 'mud', 'fish' => 'sauger'], -1.0];
        yield 'F9: mud for smallmouth' => ['F9', ['bottom' => 'mud', 'fish' => 'smallmouth'], -1.0];
        yield 'F9: mud for largemouth' => ['F9', ['bottom' => 'mud', 'fish' => 'largemouth'], -1.0];
        yield 'F9: mud for perch' => ['F9', ['bottom' => 'mud', 'fish' => 'perch'], 0.0];
        yield 'F9: mud for bream' => ['F9', ['bottom' => 'mud', 'fish' => 'bream'], 0.0];
        yield 'F9: mud for white_bass' => ['F9', ['bottom' => 'mud', 'fish' => 'white_bass'], 0.0];
        yield 'F10: vibe for bream' => ['F10', ['fish' => 'bream', 'g' => 7.0], 4.0];
        yield 'F10: too much for bream' => ['F10', ['fish' => 'bream', 'g' => 10.1], -3.0];
        yield 'F10: 10 g for bream' => ['F10', ['fish' => 'bream', 'g' => 10.0], 0.0];
        yield 'F10: vibe for walleye' => ['F10', ['g' => 7.0], -2.0];
        yield 'F10: 7.1 g is no vibe' => ['F10', ['g' => 7.1], 0.0];
        yield 'F10: a 5 g spoon is no vibe' => ['F10', ['g' => 5.0, 'family' => 'spoon'], 0.0];
        yield 'F11: light blade, suspended' => ['F11', ['zone' => 'suspended', 'oz' => 0.375], 1.0];
        yield 'F11: half-ounce blade, suspended' => ['F11', ['zone' => 'suspended'], 0.0];
        yield 'F11: any spoon, suspended' => ['F11', ['zone' => 'suspended', 'family' => 'spoon', 'oz' => 1.0], 1.0];
        yield 'F11: on the bottom' => ['F11', ['oz' => 0.375], 0.0];
        yield 'F11: thermocline is not suspended' => ['F11', ['zone' => 'thermocline', 'oz' => 0.375], 0.0];
        yield 'F12: small spoon for perch' => ['F12', ['fish' => 'perch', 'family' => 'spoon'], 2.0];
        yield 'F12: small spoon for crappie' => ['F12', ['fish' => 'crappie', 'family' => 'spoon', 'oz' => 0.375], 2.0];
        yield 'F12: large spoon for perch' => ['F12', ['fish' => 'perch', 'family' => 'spoon', 'oz' => 0.625], 0.0];
        yield 'F12: bladed spoon for perch' => ['F12', ['fish' => 'perch', 'family' => 'bladed_spoon'], 0.0];
        yield 'F13: cooling above 15.5' => ['F13', ['trend' => 'cooling', 'temp' => 15.6], 2.0];
        yield 'F13: cooling at 15.5' => ['F13', ['trend' => 'cooling', 'temp' => 15.5], 0.0];
        yield 'F13: steady' => ['F13', ['temp' => 18.0], 0.0];
        yield 'F13: a tail spinner' => ['F13', ['trend' => 'cooling', 'temp' => 18.0, 'family' => 'tail_spinner'], 0.0];
    }

    /** @param  array<string, mixed>  $given */
    #[DataProvider('cases')]
    public function test_gives_its_points(string $rule, array $given, float $points): void
    {
        self::assertSame($points, $this->points($rule, $given));
    }
}
