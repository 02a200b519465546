<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Worked cases of the rule base: the same candidates, the same points, the same order. */
final class PickCasesTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach (Cases::file('pick-cases') as $case) {
            yield $case['name'] => [$case];
        }
    }

    /** @param  array<string, mixed>  $worked */
    #[DataProvider('cases')]
    public function test_ranks_as_worked_out_by_hand(array $worked): void
    {
        [['picks' => $picks, 'move' => $move, 'notes' => $notes]] = Cases::ask('pick', [$worked['case']]);

        self::assertSame([$worked['move'], $worked['notes']], [$move, $notes]);
        self::assertCount($worked['candidates'], $picks);
        foreach ($worked['top'] as $place => $expected) {
            $pick = $picks[$place];
            self::assertSame(
                [$expected['lure'], $expected['hole'], $expected['cadence'], (float) $expected['points']],
                [$pick['lure'], $pick['hole'], $pick['cadence'], (float) $pick['points']],
                "place {$place}",
            );
            self::assertEquals($expected['rules'], array_column($pick['reasons'], 'points', 'rule'), "place {$place}");
            self::assertSame($expected['line_angle_deg'] === null, $pick['line_angle_deg'] === null, "place {$place}");
            self::assertEqualsWithDelta($expected['line_angle_deg'], $pick['line_angle_deg'], 0.1);
            self::assertEqualsWithDelta($expected['seconds_to_bottom'], $pick['seconds_to_bottom'], 0.02);
            self::assertSame($expected['next_change'], $pick['next_change'], "place {$place}");
            self::assertEqualsWithDelta($expected['patience_min'], $pick['patience_min'], 0.05);
        }
    }

    /** @param  array<string, mixed>  $worked */
    #[DataProvider('cases')]
    public function test_every_reason_has_a_sentence_of_its_own(array $worked): void
    {
        [['picks' => $picks]] = Cases::ask('pick', [$worked['case']]);
        foreach ($picks as $pick) {
            $sentences = array_column($pick['reasons'], 'text');
            self::assertSame($sentences, array_values(array_unique($sentences)));
            self::assertNotContains(0, array_column($pick['reasons'], 'points'));
            self::assertEqualsWithDelta($pick['points'], array_sum(array_column($pick['reasons'], 'points')), 1e-9);
            foreach ($sentences as $sentence) {
                self::assertMatchesRegularExpression('/^[A-Z0-9−½¼¾⅛⅜⅝].*\.$/u', $sentence);
            }
        }
    }

    /** What a sentence says when it rests on a reading. */
    private const TELLS = [
        'temp_c' => '/°C/u', 'clarity' => '/stained|dirty|clear water/i',
        'light' => '/(bright|mixed|dim) light|\bdim\b|\bsun\b|cloud/i', 'wind_ms' => '/of wind/', 'trend' => '/^Cooling/',
        'bottom' => '/\brock\b|\bsand\b|\bmud\b|\bweed\b|\bgrass\b|hard bottom/i', 'wall' => '/\bwall\b/i', 'calm' => '/\bcalm\b/i',
        'food' => '/ about[:,]/', 'depth_m' => '/Line leans|s down to|\d m down:| m asks/',
    ];

    /** @param  array<string, mixed>  $worked */
    #[DataProvider('cases')]
    public function test_no_reason_rests_on_a_reading_that_is_missing(array $worked): void
    {
        foreach (self::TELLS as $reading => $tells) {
            $case = $worked['case'];
            unset($case['water'][$reading]);
            if ($reading === 'temp_c') {
                unset($case['water']['surface_temp_c']);
            }
            [$answer] = Cases::ask('pick', [$case]);
            self::assertNotEmpty($answer['picks'], "without {$reading}");
            foreach ($answer['picks'] as $pick) {
                foreach (array_column($pick['reasons'], 'text') as $sentence) {
                    self::assertDoesNotMatchRegularExpression($tells, $sentence, "without {$reading}");
                }
            }
        }
    }
}
