<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\FishWeight;
use Eskith\Core\Care\ScaleReading;
use Eskith\Core\Care\WeighedFish;
use Eskith\Core\Record\BestRate;
use Eskith\Core\Record\Exposure;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\LearningSample;
use Eskith\Core\Record\Pause;
use Eskith\Core\Record\RateRatio;
use Eskith\Core\Record\RodInterval;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RecordTest extends TestCase
{
    /** @return iterable<string, array{string, string, float}> file, verb and tolerance of small values */
    public static function verbs(): iterable
    {
        yield 'weigh' => ['work-cases', 'weigh', 0.0];
        yield 'exposure' => ['record-cases', 'exposure', 0.0];
        yield 'best' => ['record-cases', 'best', 0.001];
        yield 'ratio' => ['record-cases', 'ratio', 0.0];
        yield 'learn' => ['record-cases', 'learn', 1e-6];
        yield 'tide' => ['places-cases', 'tide', 0.02];
        yield 'sun' => ['places-cases', 'sun', 1.5];
    }

    #[DataProvider('verbs')]
    public function test_the_worked_cases(string $file, string $verb, float $tolerance): void
    {
        $cases = Cases::file($file)[$verb];
        $answers = Cases::ask($verb, array_column($cases, 'case'));
        foreach ($cases as $i => ['expect' => $expect]) {
            $this->compare($expect, $answers[$i], $tolerance, "{$verb} {$i}");
        }
    }

    public function test_a_setup_is_fished_until_the_next_on_its_rod_less_the_pauses(): void
    {
        // Rod a: one hour, then another lure. A pause of all from 1800 to 2400, one of rod a from 2100 to 2700: 900 s in union.
        $hours = static fn (array $events): array => Exposure::of(0, 7200, [
            new RodInterval('a', 0), new RodInterval('a', 3600), new RodInterval('b', 600, 1200),
        ], $events, [new Pause(1800, 2400), new Pause(2100, 2700, 'a')])->hours;
        self::assertEqualsWithDelta([0.75, 1.0, 1 / 6], $hours([]), 1e-9);
        // A touch on rod a at 1900 ends the first pause there: 100 s and 600 s are left.
        self::assertEqualsWithDelta((3600 - 700) / 3600, $hours([[1900, 'a']])[0], 1e-9);
        // At its first second too; on another rod, or as it ends, it ends nothing.
        self::assertEqualsWithDelta((3600 - 600) / 3600, $hours([[1800, 'a']])[0], 1e-9);
        self::assertEqualsWithDelta(0.75, $hours([[1900, 'b'], [2700, 'a']])[0], 1e-9);
    }

    public function test_of_two_tied_at_once_the_later_in_the_list_is_fished(): void
    {
        $both = [new RodInterval('a', 0), new RodInterval('a', 0)];
        self::assertEqualsWithDelta([0.0, 1.0], Exposure::of(0, 3600, $both, [], [])->hours, 1e-9);
        $this->expectException(InvalidInput::class);
        Exposure::of(10, 0, [], [], []);
    }

    public function test_the_chances_to_be_best_add_up_and_follow_the_rates(): void
    {
        $best = BestRate::of([[[6, 2.0], [4, 2.0]], [[1, 2.0], [0, 2.0]], [[6, 2.0], [4, 2.0]]]);
        self::assertEqualsWithDelta(1.0, array_sum($best->chances), 1e-9);
        self::assertEqualsWithDelta($best->chances[0], $best->chances[2], 1e-9, 'alike is alike');
        self::assertLessThan(0.05, $best->chances[1]);
        // 21 touches in 12 h: (21 + 1)/(12 + 1).
        self::assertEqualsWithDelta(22 / 13, $best->overall, 1e-9);
        self::assertSame([1.0], BestRate::of([[[2, 1.0]]])->chances);
        self::assertSame([], BestRate::of([])->chances);
    }

    public function test_good_days_do_not_speak_for_a_lure_within_outings(): void
    {
        // The first is fished on good days for longer; on each day the second is touched twice as often.
        $ratio = RateRatio::of([[8, 4.0, 4, 1.0], [6, 3.0, 4, 1.0], [1, 1.0, 8, 4.0], [0, 1.0, 2, 4.0], [1, 2.0, 2, 2.0]]);
        self::assertLessThan(0.75, $ratio->ratio);
        self::assertGreaterThan(1.0, (16 / 11.0) / (20 / 12.0) + 0.2, 'raw rates are nearly the same');
        self::assertTrue($ratio->low < $ratio->ratio && $ratio->ratio < $ratio->high);
        // Exchanged, the ratio is the other way up.
        $other = RateRatio::of([[4, 1.0, 8, 4.0], [4, 1.0, 6, 3.0], [8, 4.0, 1, 1.0], [2, 4.0, 0, 1.0], [2, 2.0, 1, 2.0]]);
        self::assertEqualsWithDelta(1 / $ratio->ratio, $other->ratio, 1e-9);
        self::assertEqualsWithDelta(1 / $ratio->low, $other->high, 1e-9);
        self::assertNull(RateRatio::of([[0, 1.0, 0, 1.0]])->low);
    }

    public function test_what_one_factor_does_is_credited_to_it_and_not_to_its_companions(): void
    {
        $rows = [];
        foreach (range(1, 24) as $outing) {
            foreach (['gold' => 4.0, 'white' => 1.0] as $finish => $rate) {
                foreach (['front', 'back'] as $hole) {
                    $rows[] = new LearningSample(
                        outing: "o{$outing}",
                        levels: ['family' => 'blade', 'weight_step' => '1/2', 'finish' => $finish, 'hole' => $hole, 'cadence' => 'low_hop'],
                        points: 0.0,
                        hours: 1.0,
                        touches: $rate,
                        weight: 1.0,
                    );
                }
            }
        }
        $levels = [];
        foreach (Learning::of($rows)->levels as $level) {
            $levels["{$level->factor} {$level->level}"] = $level;
        }
        self::assertGreaterThan(1.0, $levels['finish gold']->points);
        self::assertLessThan(-1.0, $levels['finish white']->points);
        foreach (['family blade', 'hole front', 'hole back', 'cadence low_hop', 'weight_step 1/2'] as $silent) {
            self::assertSame(0.0, $levels[$silent]->points, $silent);
        }
        self::assertEqualsWithDelta(48.0, $levels['finish gold']->hours, 1e-9);
        foreach ($levels as $level) {
            self::assertTrue($level->low <= $level->multiplier && $level->multiplier <= $level->high, $level->level);
        }
    }

    public function test_a_good_day_is_a_day_and_not_a_lure(): void
    {
        // Gold was fished only on the one day when everything was touched.
        $row = static fn (string $outing, string $finish, float $touches): LearningSample => new LearningSample(
            outing: $outing,
            levels: ['finish' => $finish],
            points: 0.0,
            hours: 2.0,
            touches: $touches,
            weight: 1.0,
        );
        $rows = [$row('good', 'gold', 12), $row('good', 'white', 12)];
        foreach (range(1, 8) as $outing) {
            $rows[] = $row("poor {$outing}", 'white', 1);
            $rows[] = $row("poor {$outing}", 'silver', 1);
        }
        foreach (Learning::of($rows)->levels as $level) {
            self::assertSame(0.0, $level->points, $level->level);
        }
    }

    public function test_a_weight_is_told_only_where_its_equation_holds(): void
    {
        // 10^(−5.453 + 3.18 log₁₀ 500) = 1350 g
        self::assertEqualsWithDelta(10 ** (-5.453 + 3.18 * log10(500)) / 1000, FishWeight::kg(WeighedFish::Walleye, 0.5), 1e-12);
        foreach (WeighedFish::cases() as $fish) {
            [$low, $high] = $fish->lengthsM();
            self::assertGreaterThan(FishWeight::kg($fish, $low), FishWeight::kg($fish, $high));
            foreach ([$low - 0.001, $high + 0.001] as $length) {
                try {
                    FishWeight::kg($fish, $length);
                    self::fail("{$fish->value} {$length}");
                } catch (InvalidInput $bad) {
                    self::assertSame('length_m', $bad->field);
                }
            }
        }
    }

    private function compare(mixed $expect, mixed $answer, float $tolerance, string $where): void
    {
        if (is_array($expect)) {
            self::assertIsArray($answer, $where);
            self::assertSame(array_keys($expect), array_keys($answer), $where);
            foreach ($expect as $name => $value) {
                $this->compare($value, $answer[$name], $tolerance, "{$where}.{$name}");
            }
        } elseif (is_float($expect) || is_int($expect)) {
            self::assertEqualsWithDelta($expect, $answer, max($tolerance, 0.002 * abs($expect)), $where);
        } else {
            self::assertSame($expect, $answer, $where);
        }
    }

    public function test_a_girth_says_more_than_the_length_alone(): void
    {
        // 20 in long and 11 in around: 20 × 121 / 800 = 3.03 lb.
        self::assertEqualsWithDelta(3.03 * 0.45359, FishWeight::kgByGirth(WeighedFish::Walleye, 20 * 0.0254, 11 * 0.0254), 0.005);
        self::assertGreaterThan(
            FishWeight::kgByGirth(WeighedFish::Pike, 0.8, 0.32), FishWeight::kgByGirth(WeighedFish::Pike, 0.8, 0.36),
        );
        $this->expectExceptionMessage('Measure it at the thickest');
        FishWeight::kgByGirth(WeighedFish::Walleye, 0.5, 0.6);
    }

    public function test_of_several_readings_of_a_scale_the_middle_one_counts(): void
    {
        self::assertEqualsWithDelta(2.2 * 0.45359237, ScaleReading::middle('2.4, 2.1 2.2', Unit::Pound)->si, 1e-9);
        self::assertEqualsWithDelta(2.0, ScaleReading::middle('1,9 kg; 2,1 kg', Unit::Pound)->si, 1e-9);
        self::assertSame("4.2\u{A0}lb", ScaleReading::middle('4.2', Unit::Pound)->text);
        self::assertEqualsWithDelta(3 * 0.45359237, ScaleReading::middle('3 lb', Unit::Kilogram)->si, 1e-9);
        foreach (['', 'heavy', '900 kg', '2.2 2.4 x', str_repeat('2.2 ', 12)] as $bad) {
            try {
                ScaleReading::middle($bad, Unit::Kilogram);
                self::fail("\"{$bad}\" is no weight of a fish");
            } catch (InvalidInput $refused) {
                self::assertSame('scale', $refused->field);
            }
        }
    }
}
