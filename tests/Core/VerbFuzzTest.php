<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\CommandLine\CommandLine;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every verb of the command line under nonsense: an answer or a sentence in its place, never a trace, never a hang. */
final class VerbFuzzTest extends TestCase
{
    private const CASES = 2000;

    private const SEED = 20261125;

    /** JSON of what nobody means. */
    private const NASTY = [
        'null', 'true', 'false', '0', '-0', '-1', '1e-310', '5e-324', '1e309', '-1e309', '1.7976931348623157e308',
        '9223372036854775807', '-9223372036854775808', '1e18', '1e-12', '1e9', '-1e9',
        '""', '"x"', '"\u0000"', '"1e5"', '"ünï"', '[]', '{}', '[[]]', '[1,2,3]', '[1e309,1]', '[null,null]', '{"a":{"b":[]}}',
        '"flutter"', '180', '1e6', '0.5',
    ];

    public function test_every_verb_answers_whatever_it_is_given(): void
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $verbs = array_keys(CommandLine::verbs());
        $good = self::good();
        self::assertSame([], array_diff($verbs, array_keys($good)), 'every verb needs a good case here to be spoilt');
        $each = (int) ceil(self::CASES / count($verbs));
        $refused = 0;
        foreach ($verbs as $verb) {
            for ($i = 0; $i < $each; $i++) {
                $case = self::spoilt($good[$verb][$i % count($good[$verb])], $random);
                [$out, $complaint, $status] = CommandLine::run($verb, "[{$case}]");
                $answers = json_decode($out, true);
                self::assertIsArray($answers, "{$verb} {$case}: {$complaint}");
                self::assertCount(1, $answers);
                if (isset($answers[0]['error'])) {
                    $refused++;
                    self::assertSame(1, $status);
                    self::assertMatchesRegularExpression('/^[^\n]{8,300}[.…]$/u', $answers[0]['error']['message'], "{$verb} {$case}");
                } else {
                    self::assertSame(0, $status);
                }
            }
        }
        self::assertGreaterThan(self::CASES / 3, $refused, 'nonsense is mostly refused');
    }

    public function test_what_is_no_list_of_cases_is_refused(): void
    {
        foreach (['', '{', '7', '{"a":1}', str_repeat('[', 200), "\xff", 'null'] as $input) {
            foreach (array_keys(CommandLine::verbs()) as $verb) {
                [$out, $complaint, $status] = CommandLine::run($verb, $input);
                self::assertSame(['', "The input must be a JSON array of cases.\n", 2], [$out, $complaint, $status]);
            }
        }
        self::assertSame(2, CommandLine::run('dance', '[]')[2]);
    }

    public function test_good_cases_are_answered(): void
    {
        foreach (self::good() as $verb => $cases) {
            self::assertSame(0, CommandLine::run($verb, json_encode($cases, JSON_THROW_ON_ERROR))[2], $verb);
        }
    }

    /** @return array<string, non-empty-list<array<string, mixed>>> */
    private static function good(): array
    {
        $drop = [
            'family' => 'blade', 'mass_kg' => 0.0142, 'attitude' => 35, 'depth_m' => 8, 'line_d_m' => 0.0002,
            'current_ms' => 0.1, 'boat_ms' => 0.2, 'profile' => 'river', 'water_c' => 4, 'salinity' => 0,
        ];

        return [
            'line' => [$drop],
            'fall' => [[...$drop, 'control' => 0.3]],
            'swing' => [[...$drop, 'cast_m' => 20]],
            'cast' => array_column(array_slice(Cases::file('cast-cases')['cast'], 0, 4), 'case'),
            'hang' => [
                ['readings' => [['hole' => [18, 10], 'hang_angle_deg' => 20], ['hole' => [32, 10], 'hang_angle_deg' => 60]]],
                ['hole' => [18, 10], 'balance' => [19, 3]],
            ],
            'rates' => [['a' => [3, 5], 'b' => [4, 9]], ['shape' => 3.8, 'rate' => 3.5]],
            'lift' => [[...$drop, 'line_break_n' => 90, 'strain_at_break' => 0.035, 'lift_ms' => 0.8]],
            'landed' => [['landed' => 3, 'touches' => 5]],
            'chain' => [['parts' => [['name' => 'line', 'break_n' => 90, 'knot' => true], ['name' => 'hook', 'break_n' => 60]]]],
            'hookset' => [[
                'segments' => [
                    ['length_m' => 8, 'break_n' => 90, 'strain_at_break' => 0.035],
                    ['length_m' => 1.5, 'break_n' => 36, 'strain_at_break' => 0.22],
                ],
                'belly_m' => 0.2, 'force_n' => 9, 'sweep_m' => 1.2,
            ]],
            'cycle' => [[...$drop, 'hang_angle_deg' => 35, 'lift_m' => 0.3, 'lift_s' => 0.4, 'pause_s' => 2, 'fall' => 'controlled']],
            'hops' => [[
                'line_m' => 20, 'depth_m' => 5, 'pull_m' => 0.5, 'fall' => 'slack', 'seconds_per_hop' => 5, 'seconds_between' => 30,
            ]],
            'trace' => [[
                'lifts' => [
                    [[0, 0], [0.5, 0.2], [1, 0.5], [1.5, 0.7], [2, 1]], [[0, 0], [1, 0.4], [2, 0.9], [3, 1.2], [4, 1.5]],
                ],
            ]],
            'plan' => [
                [
                    'kind' => 'wall', 'points' => [[0, 0], [20, 3], [30, -8]], 'spacing_m' => 2, 'stand_off_m' => 8, 'side' => 'left',
                    'aim_past_m' => 1, 'seconds_per_cast' => 60,
                ],
                [
                    'kind' => 'fan', 'stand' => [3, 4], 'from_deg' => 10, 'to_deg' => 200, 'near_m' => 5, 'far_m' => 25, 'lane_m' => 3,
                    'seconds_per_cast' => 60,
                ],
                [
                    'kind' => 'drift', 'area' => [[0, 0], [40, 5], [30, 50], [5, 45]], 'drift_deg' => 40, 'speed_ms' => 0.3, 'lane_m' => 8,
                    'motor_ms' => 1.5,
                ],
            ],
            'weigh' => [['species' => 'walleye', 'length_m' => 0.45]],
            'exposure' => [[
                'started' => 0, 'ended' => 7200,
                'setups' => [['id' => 's1', 'rod' => 'a', 'at' => 0], ['id' => 's2', 'rod' => 'a', 'at' => 3600, 'until' => 7000]],
                'events' => [['at' => 2000, 'rod' => 'a', 'kind' => 'touch']],
                'pauses' => [['from' => 1800, 'to' => 2400, 'rod' => 'a'], ['from' => 5000, 'to' => 5600]],
            ]],
            'best' => [['groups' => [['key' => 'a', 'outings' => [[2, 1.5], [0, 2]]], ['key' => 'b', 'outings' => [[1, 3]]]]]],
            'ratio' => [['outings' => [[5, 2.8, 2, 3.4], [1, 3.5, 3, 1.9], [0, 1, 2, 2]]]],
            'stages' => [['touches' => 12, 'hooked' => 6, 'landed' => 4, 'drops' => 40, 'fouls' => 2]],
            'gaps' => [['outings' => [['touches_min' => [10, 14, 60], 'end_min' => 90], ['touches_min' => [], 'end_min' => 30]]]],
            'holdout' => [['outings' => [['setups' => [[3, 1, 4], [1, 2, 2]]], ['setups' => []]]]],
            'learn' => [['rows' => [
                [
                    'outing' => 'o1', 'family' => 'blade', 'weight_step' => '1/2', 'finish' => 'white', 'hole' => 'middle',
                    'cadence' => 'low_hop', 'points' => -1.5, 'hours' => 1.4, 'touches' => 2, 'weight' => 1,
                ],
                [
                    'outing' => 'o2', 'family' => 'spoon', 'weight_step' => '3/8', 'finish' => 'gold', 'hole' => null,
                    'cadence' => 'flutter_drop', 'points' => 0, 'hours' => 2, 'touches' => 1, 'weight' => 0.5,
                ],
            ]]],
            'tide' => [[
                'mean_m' => 1.2, 'constituents' => [['name' => 'M2', 'amplitude_m' => 0.8, 'speed_deg_h' => 28.98, 'phase_deg' => 100]],
                'from_h' => 10, 'to_h' => 40, 'at_h' => [11, 12.5],
            ]],
            'sun' => [['latitude' => 47.3, 'longitude' => 11.2, 'date' => '2026-11-25', 'utc_offset_min' => 60]],
            'soundings' => [[
                'soundings' => [[0, 0, 3], [10, 0, 4], [0, 10, 5], [12, 11, 6]], 'at' => [[3, 3], [40, 40], [11, 1]], 'reach_m' => 15,
            ]],
            'pick' => [[
                'water' => [
                    'temp_c' => 4, 'depth_m' => 8, 'clarity' => 'stained', 'light' => 'dim', 'current_ms' => 0.1,
                    'boat_ms' => 0.2, 'profile' => 'uniform', 'wind_ms' => 3, 'salinity' => 0, 'bottom' => 'rock',
                    'wall' => false, 'calm' => false, 'food' => ['perch'],
                ],
                'aim' => [
                    'species' => 'walleye', 'how' => 'vertical', 'zone' => 'bottom', 'mood' => 'neutral', 'pressured' => false,
                    'hop' => false, 'flow_away' => false, 'marks_below' => false,
                ],
                'schools' => ['hole' => 'middle-first', 'finish' => 'forage-and-silhouette', 'vigour' => 'barely-move'],
                'line' => ['diameter_m' => 0.0002],
                'box' => [
                    [
                        'id' => 'a', 'family' => 'blade', 'mass_kg' => 0.0142, 'finish' => 'white', 'red_near_hooks' => false,
                        'holes' => [['name' => 'front', 'x' => 18, 'y' => 10], ['name' => 'back', 'x' => 32, 'y' => 10]],
                        'balance' => [19, 3],
                    ],
                    ['id' => 'b', 'family' => 'spoon', 'mass_kg' => 0.0106, 'finish' => 'gold', 'red_near_hooks' => true, 'holes' => []],
                ],
            ]],
        ];
    }

    /**
     * @param  array<array-key, mixed>  $case
     * @return string JSON with one to three places made nonsense of
     */
    private static function spoilt(array $case, Randomizer $random): string
    {
        $json = json_encode($case, JSON_THROW_ON_ERROR);
        for ($n = $random->getInt(1, 3); $n > 0; $n--) {
            $nasty = self::NASTY[$random->getInt(0, count(self::NASTY) - 1)];
            preg_match_all(
                '/(?<=[:\[,])(?:-?\d+(?:\.\d+)?(?:[eE][-+]?\d+)?|"[^"]*"(?!:)|true|false|null)(?=[,\]}])/', $json, $found,
                PREG_OFFSET_CAPTURE,
            );
            $places = $found[0];
            if ($places === []) {
                break;
            }
            [$text, $at] = $places[$random->getInt(0, count($places) - 1)];
            $json = substr_replace($json, $nasty, $at, strlen($text));
        }

        return $random->getInt(0, 19) === 0 ? self::NASTY[$random->getInt(0, count(self::NASTY) - 1)] : $json;
    }
}
