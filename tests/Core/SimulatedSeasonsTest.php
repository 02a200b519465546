<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Record\BestRate;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Eskith\Core\Record\RateRatio;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is said of the record holds for anglers whose truth is known; docs/formulas.md has the figures. */
final class SimulatedSeasonsTest extends TestCase
{
    private const SEASONS = 200;

    /** @return iterable<string, array{float, bool, float, float}> */
    public static function anglers(): iterable
    {
        yield 'touches that come evenly' => [0.0, false, 0.78, 0.88];
        yield 'days that differ and touches in groups' => [0.5, true, 0.64, 0.95];
    }

    #[DataProvider('anglers')]
    public function test_intervals_of_rates_hold_the_truth(float $days, bool $groups, float $low, float $high): void
    {
        $held = $told = 0;
        for ($season = 0; $season < self::SEASONS; $season++) {
            $angler = new Simulated(1000 + $season, $days, $groups);
            $rates = [0.8, 1.2, 1.5, 2.2];
            $outings = array_fill(0, count($rates), []);
            for ($i = 0; $i < 12; $i++) {
                $day = $angler->day();
                foreach ($rates as $g => $rate) {
                    $outings[$g][] = [(float) $angler->touches($rate * $day, 1.5), 1.5];
                }
            }
            foreach (BestRate::of($outings)->rates as $g => $rate) {
                $held += (int) ($rate->q10 <= $rates[$g] && $rates[$g] <= $rate->q90);
                $told++;
            }
        }
        self::assertGreaterThanOrEqual($low, $held / $told, round($held / $told, 3).' of the intervals');
        self::assertLessThanOrEqual($high, $held / $told, round($held / $told, 3).' of the intervals');
    }

    /** @return iterable<string, array{int, float, bool}> */
    public static function ratios(): iterable
    {
        foreach ([4, 8, 20] as $outings) {
            yield "{$outings} outings, evenly" => [$outings, 0.0, false];
            yield "{$outings} outings, in groups" => [$outings, 0.6, true];
        }
    }

    #[DataProvider('ratios')]
    public function test_intervals_of_the_ratio_hold_the_truth(int $outings, float $days, bool $groups): void
    {
        $held = $told = 0;
        for ($season = 0; $season < 2 * self::SEASONS; $season++) {
            $angler = new Simulated(5000 + $season, $days, $groups);
            $strata = [];
            for ($i = 0; $i < $outings; $i++) {
                $day = $angler->day();
                $strata[] = [(float) $angler->touches(2.4 * $day, 2.0), 2.0, (float) $angler->touches(1.5 * $day, 1.6), 1.6];
            }
            $ratio = RateRatio::of($strata);
            if ($ratio->ratio !== null) {
                $held += (int) ($ratio->low <= 1.6 && $ratio->high >= 1.6);
                $told++;
            }
        }
        self::assertGreaterThanOrEqual(0.76, $held / $told, round($held / $told, 3).' of the intervals');
        self::assertLessThanOrEqual(0.94, $held / $told, round($held / $told, 3).' of the intervals');
    }

    public function test_rates_mislead_where_days_differ_and_the_same_outings_do_not(): void
    {
        $raw = $within = [];
        for ($season = 0; $season < self::SEASONS; $season++) {
            $angler = new Simulated(9000 + $season, 0.3, true);
            $strata = [];
            for ($i = 0; $i < 10; $i++) {
                // One is fished on the good days, the other on the poor ones: alike in truth.
                [$level, $first, $second] = $i % 2 === 0 ? [2.0, 3.0, 0.8] : [0.5, 0.8, 3.0];
                $day = $level * $angler->day();
                $strata[] = [(float) $angler->touches($day, $first), $first, (float) $angler->touches($day, $second), $second];
            }
            $sum = static fn (int $at): float => array_sum(array_column($strata, $at));
            $raw[] = log(max(0.1, $sum(0)) / $sum(1) / (max(0.1, $sum(2)) / $sum(3)));
            $within[] = log(RateRatio::of($strata)->ratio ?? 1.0);
        }
        self::assertGreaterThan(log(1.7), array_sum($raw) / self::SEASONS, 'the rates say that one is much better');
        self::assertLessThan(log(1.12), abs(array_sum($within) / self::SEASONS), 'the same outings say that it is not');
    }

    public function test_what_depends_on_one_thing_is_credited_to_that_and_not_to_its_companions(): void
    {
        $given = ['finish' => 0.0, 'hole' => 0.0, 'weight_step' => 0.0, 'cadence' => 0.0];
        $wrong = 0;
        for ($season = 0; $season < 60; $season++) {
            $angler = new Simulated(300 + $season, 0.5, true);
            $rows = [];
            for ($i = 0; $i < 25; $i++) {
                $day = $angler->day();
                for ($setup = 0; $setup < 4; $setup++) {
                    $gold = $angler->roll() < 0.5;
                    // Gold hangs mostly from the front, and is mostly heavy: only the finish matters.
                    $levels = [
                        'finish' => $gold ? 'gold' : 'white', 'hole' => $angler->roll() < ($gold ? 0.7 : 0.3) ? 'front' : 'middle',
                        'weight_step' => $angler->roll() < ($gold ? 0.65 : 0.35) ? '4' : '3',
                        'cadence' => $angler->roll() < 0.5 ? 'low_hop' : 'short_pop',
                    ];
                    $rows[] = new LearningSample(
                        (string) $i, $levels, 0.0, 1.0, (float) $angler->touches(1.2 * $day * ($gold ? 2.0 : 1.0), 1.0), 1.0,
                    );
                }
            }
            foreach (Learning::of($rows)->levels as $level) {
                if (in_array($level->level, ['gold', 'front', '4', 'low_hop'], true)) {
                    $given[$level->factor] += $level->points / 60;
                    $wrong += (int) ($level->factor !== 'finish' && abs($level->points) > 0.6);
                }
            }
        }
        self::assertGreaterThan(0.5, $given['finish']);
        foreach (['hole', 'weight_step', 'cadence'] as $factor) {
            self::assertLessThan($given['finish'] / 4, abs($given[$factor]), $factor);
        }
        self::assertLessThan(18, $wrong, 'of 180 companions few are credited with much');
    }

    public function test_where_the_rules_are_right_the_record_costs_little(): void
    {
        [$with, $without] = [0.0, 0.0];
        for ($season = 0; $season < 40; $season++) {
            foreach ((new Simulated(20 + $season, 0.5, true))->season([], range(1, 25)) as [$record, $rules]) {
                $with += $record;
                $without += $rules;
            }
        }
        self::assertGreaterThanOrEqual(0.97, $with / $without, 'over a season of 25 outings: '.round($with / $without, 4));
    }

    /** @return iterable<string, array{array<string, float>}> what is true, by how much the rules are wrong */
    public static function waters(): iterable
    {
        yield 'a finish' => [['finish:natural' => 4.0, 'finish:white' => 0.7]];
        yield 'a hole' => [['hole:front' => 3.0]];
    }

    /** @param  array<string, float>  $truth */
    #[DataProvider('waters')]
    public function test_where_the_rules_are_wrong_about_one_thing_the_record_finds_out(array $truth): void
    {
        [$with, $without] = [[], []];
        for ($season = 0; $season < 20; $season++) {
            foreach ((new Simulated(20 + $season, 0.5, true))->season($truth, [10, 25]) as $after => [$record, $rules]) {
                $with[$after] = ($with[$after] ?? 0.0) + $record;
                $without[$after] = ($without[$after] ?? 0.0) + $rules;
            }
        }
        self::assertGreaterThanOrEqual(1.15, $with[10] / $without[10], 'after ten outings');
        self::assertGreaterThanOrEqual(1.5, $with[25] / $without[25], 'after twenty-five');
    }
}
