<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** `bin/eskith pick`: its shape, its patience, its next change, and what it refuses. */
final class PickVerbTest extends TestCase
{
    public function test_an_answer_has_every_part_that_is_promised(): void
    {
        [['picks' => $picks]] = Cases::ask('pick', [self::case()]);

        self::assertSame(
            [
                'lure', 'hole', 'cadence', 'points', 'line_angle_deg', 'seconds_to_bottom', 'hang_angle_deg', 'reasons',
                'patience_min', 'next_change',
            ],
            array_keys($picks[0]),
        );
        self::assertSame(['rule', 'points', 'text'], array_keys($picks[0]['reasons'][0]));
        self::assertSame(['thing', 'lure', 'hole', 'cadence'], array_keys($picks[0]['next_change']));
        foreach ($picks as $pick) {
            self::assertContains($pick['next_change']['thing'], ['finish', 'weight', 'cadence', 'hole', 'family']);
            self::assertGreaterThanOrEqual(0, $pick['patience_min']);
        }
    }

    public function test_candidates_are_every_lure_hole_and_cadence_once(): void
    {
        [['picks' => $picks]] = Cases::ask('pick', [self::case()]);
        $names = array_map(static fn (array $pick): string => "{$pick['lure']}/{$pick['hole']}/{$pick['cadence']}", $picks);

        self::assertSame($names, array_values(array_unique($names)));
        // Two blades with three holes and four cadences, a spoon without holes and four: 2 × 3 × 4 + 4.
        self::assertCount(28, $picks);
        self::assertSame(
            [null],
            array_values(
                array_unique(array_column(array_filter($picks, static fn (array $pick): bool => $pick['lure'] === 'spoon'), 'hole')),
            ),
        );
        $points = array_column($picks, 'points');
        $sorted = $points;
        rsort($sorted);
        self::assertSame($sorted, $points);
    }

    public function test_the_next_change_differs_in_the_one_thing_it_names(): void
    {
        $case = self::case();
        [['picks' => $picks]] = Cases::ask('pick', [$case]);
        $box = array_column($case['box'], null, 'id');
        foreach ($picks as $pick) {
            $next = $pick['next_change'];
            [$from, $to] = [$box[$pick['lure']], $box[$next['lure']]];
            $differs = array_keys(array_filter([
                'family' => $from['family'] !== $to['family'], 'finish' => $from['finish'] !== $to['finish'],
                'weight' => $from['mass_kg'] !== $to['mass_kg'],
                'hole' => $pick['hole'] !== $next['hole'], 'cadence' => $pick['cadence'] !== $next['cadence'],
            ]));
            self::assertContains($next['thing'], $differs);
            if ($next['thing'] !== 'family') {
                self::assertSame([$next['thing']], $differs);
            }
        }
    }

    public function test_optional_readings_may_be_absent_and_silence_only_their_rules(): void
    {
        $case = self::case();
        foreach ([
            'temp_c' => ['F1', 'F2'], 'clarity' => ['F6', 'F7'], 'light' => ['C1', 'C4'], 'bottom' => ['F9', 'F8'],
            'depth_m' => ['W1', 'W5', 'H4'], 'wind_ms' => ['W4'],
        ] as $reading => $rules) {
            $bare = $case;
            unset($bare['water'][$reading]);
            [['picks' => $picks]] = Cases::ask('pick', [$bare]);
            self::assertCount(28, $picks);
            foreach ($picks as $pick) {
                self::assertSame([], array_intersect($rules, array_column($pick['reasons'], 'rule')), $reading);
            }
        }
        unset($case['schools']);
        self::assertCount(28, Cases::ask('pick', [$case])[0]['picks'], 'the default schools');
    }

    public function test_an_empty_box_has_no_picks(): void
    {
        self::assertSame([['picks' => [], 'move' => false, 'notes' => []]], Cases::ask('pick', [[...self::case(), 'box' => []]]));
    }

    public function test_a_line_beyond_reckoning_is_answered_as_null_and_counts_as_beyond_35(): void
    {
        $case = self::case();
        $case['water']['boat_ms'] = 2.5;
        $case['water']['depth_m'] = 60;
        [['picks' => $picks]] = Cases::ask('pick', [$case]);

        self::assertNull($picks[0]['line_angle_deg']);
        self::assertSame(-4, array_column($picks[0]['reasons'], 'points', 'rule')['W1']);
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function bad(): iterable
    {
        yield 'no species' => ['aim.species', null, 'aim.species'];
        yield 'a fish nobody knows' => ['aim.species', 'trout', 'aim.species'];
        yield 'bottom of glass' => ['water.bottom', 'glass', 'water.bottom'];
        yield 'food in words' => ['water.food', 'perch', 'water.food'];
        yield 'food nobody knows' => ['water.food', ['bread'], 'water.food'];
        yield 'temperature in words' => ['water.temp_c', 'cold', 'water.temp_c'];
        yield 'a school nobody founded' => ['schools.hole', 'any', 'schools.hole'];
        yield 'no line' => ['line.diameter_m', null, 'line.diameter_m'];
        yield 'a box that is no list' => ['box', 'box', 'box'];
        yield 'a lure that weighs nothing' => ['box.0.mass_kg', 0, 'mass_kg'];
        yield 'a lure of no family' => ['box.0.family', 'plug', 'box.0.family'];
        yield 'a lure without a name' => ['box.0.id', null, 'box.0.id'];
        yield 'a hole far off' => ['box.0.holes.0.x', 9000, 'box.0.holes.0'];
        yield 'a balance point of one figure' => ['box.0.balance', [1], 'box.0.balance'];
    }

    #[DataProvider('bad')]
    public function test_bad_cases_name_the_field(string $path, mixed $value, string $field): void
    {
        $case = self::case();
        $at = &$case;
        foreach (explode('.', $path) as $key) {
            $at = &$at[$key];
        }
        $at = $value;
        [$answer] = Cases::ask('pick', [$case], 1);

        self::assertSame($field, $answer['error']['field']);
        self::assertStringEndsWith('.', $answer['error']['message']);
    }

    /** @return array<string, mixed> */
    private static function case(): array
    {
        $holes = [
            ['name' => 'front', 'x' => 18, 'y' => 10], ['name' => 'middle', 'x' => 25, 'y' => 10.5],
            ['name' => 'back', 'x' => 32, 'y' => 10],
        ];
        $lure = [
            'id' => 'white', 'family' => 'blade', 'mass_kg' => 0.0141748, 'finish' => 'white', 'red_near_hooks' => false,
            'holes' => $holes, 'balance' => [19, 3],
        ];

        return [
            'water' => [
                'temp_c' => 4, 'depth_m' => 8, 'clarity' => 'stained', 'light' => 'dim', 'current_ms' => 0, 'boat_ms' => 0.1,
                'profile' => 'uniform', 'wind_ms' => 3,
                'salinity' => 0, 'bottom' => 'rock_to_sand', 'wall' => false, 'calm' => false, 'food' => ['perch'],
            ],
            'aim' => ['species' => 'walleye', 'how' => 'vertical', 'zone' => 'bottom', 'mood' => 'neutral'],
            'schools' => ['hole' => 'middle-first', 'finish' => 'forage-and-silhouette', 'vigour' => 'barely-move'],
            'line' => ['diameter_m' => 0.0002],
            'box' => [
                $lure, [...$lure, 'id' => 'gold', 'finish' => 'gold'],
                ['id' => 'spoon', 'family' => 'spoon', 'mass_kg' => 0.0141748, 'finish' => 'white', 'holes' => []],
            ],
        ];
    }
}
