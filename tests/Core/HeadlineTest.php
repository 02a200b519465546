<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\WorkedWhere;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Compare\Difference;
use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\TempBand;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\Unit;
use Eskith\Core\Units\UnitSet;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is said aloud. */
final class HeadlineTest extends RuleTestCase
{
    public function test_weights_are_said_as_they_are_stamped(): void
    {
        $ounces = new UnitFormat(UnitSet::imperial());
        $grams = new UnitFormat(UnitSet::metric());
        foreach ([
            [0.0141748, '½ oz', '14 g'], [0.0177185, '⅝ oz', '18 g'], [0.003, '3 g', '3 g'], [0.0045, '4.5 g', '4.5 g'],
            [0.018, '18 g', '18 g'], [0.0283495, '1 oz', '28 g'], [0.00531554, '3/16 oz', '5.3 g'],
        ] as [$kg, $oz, $g]) {
            self::assertSame(
                [$oz, $g], [str_replace("\u{A0}", ' ', $ounces->weight($kg)), str_replace("\u{A0}", ' ', $grams->weight($kg))],
            );
        }
        self::assertSame('0.79 oz', str_replace("\u{A0}", ' ', $ounces->mass(0.0224)), 'a reckoned weight is no stamp');
    }

    public function test_lifts_are_said_by_the_hand_and_by_the_arm(): void
    {
        $feet = new UnitFormat(UnitSet::imperial());
        $metres = new UnitFormat(UnitSet::metric());
        self::assertSame(["8\u{A0}in", "20\u{A0}cm"], [$feet->lift(0.20), $metres->lift(0.20)]);
        self::assertSame(["3\u{A0}ft", "0.9\u{A0}m"], [$feet->lift(0.90), $metres->lift(0.90)]);
    }

    /** @return iterable<string, array{float, Unit, string}> */
    public static function spoken(): iterable
    {
        yield 'eighth' => [0.0035437, Unit::Ounce, 'eighth-ounce'];
        yield 'quarter' => [0.0070874, Unit::Ounce, 'quarter-ounce'];
        yield 'three eighths' => [0.0106311, Unit::Ounce, 'three-eighths-ounce'];
        yield 'half' => [0.0141748, Unit::Ounce, 'half-ounce'];
        yield 'five eighths' => [0.0177185, Unit::Ounce, 'five-eighths-ounce'];
        yield 'three quarters' => [0.0212621, Unit::Ounce, 'three-quarter-ounce'];
        yield 'one' => [0.0283495, Unit::Ounce, 'one-ounce'];
        yield 'in grams' => [0.0141748, Unit::Gram, "14\u{A0}g"];
    }

    #[DataProvider('spoken')]
    public function test_weights_in_words(float $kg, Unit $unit, string $words): void
    {
        $units = UnitSet::of($unit, Unit::Foot, Unit::MilePerHour, Unit::Fahrenheit, Unit::Pound);
        self::assertSame($words, (new LureNames(new UnitFormat($units)))->weight($kg));
    }

    public function test_a_way_to_fish_is_said_in_one_line(): void
    {
        $situation = $this->situation([]);
        $names = new LureNames($situation->say);
        self::assertSame(
            'middle hole · short pop, 30 cm',
            str_replace("\u{A0}", ' ', $names->way($this->candidate(['hole' => 1])->worked(Cadence::ShortPop), $situation)),
        );
        self::assertSame('slow roll', $names->way($this->candidate(['count' => 0])->worked(Cadence::SlowRoll), $situation));
        self::assertSame(
            ['vibe', 'blade', 'tail spinner'],
            array_map(
                LureNames::family(...),
                [
                    Lure::of('a', Family::Blade, 0.007, 'gold'), Lure::of('a', Family::Blade, 0.008, 'gold'),
                    Lure::of('a', Family::TailSpinner, 0.005, 'gold'),
                ],
            ),
        );
    }

    public function test_the_remedies_are_worth_following(): void
    {
        $windy = $this->situation(['boat' => 0.5, 'depth' => 12.0]);
        $box = [Lure::of('a', Family::Blade, 0.0142, 'gold')];
        $ranked = (new Chooser(RuleBook::standard()))->rank($windy, $box);
        [, $lead] = (new Headline($windy))->of($ranked, $box);
        self::assertSame(1, preg_match('/slow to ([\d.]+)\x{A0}m\/s/u', $lead, $slow));
        $slower = $this->situation(['boat' => (float) $slow[1] - 0.01, 'depth' => 12.0]);
        self::assertStringStartsWith(
            'Tie on', (new Headline($slower))->of((new Chooser(RuleBook::standard()))->rank($slower, $box), $box)[0],
        );
    }

    public function test_the_least_weight_that_holds_is_told_only_where_something_lighter_is_in_the_box(): void
    {
        $here = $this->situation(['boat' => 0.13, 'depth' => 8.0]);
        $said = static function (float ...$grams) use ($here): string {
            $box = array_map(static fn (float $g): Lure => Lure::of("{$g}", Family::Blade, $g / 1000, 'gold'), $grams);

            return str_replace("\u{A0}", ' ', (new Headline($here))->of((new Chooser(RuleBook::standard()))->rank($here, $box), $box)[1]);
        };

        self::assertSame('Your only lure stays within 20° here.', $said(14.0));
        self::assertSame('All 2 of your lures stay within 20° of straight down here.', $said(14.0, 18.0));
        self::assertSame('Anything under 14 g trails behind the boat.', $said(4.0, 14.0, 18.0));
    }

    public function test_a_box_that_cannot_be_worked_this_way_says_so(): void
    {
        $cast = $this->situation(['how' => 'cast']);
        self::assertSame(
            'Nothing in your box is worked this way',
            (new Headline($cast))->of([], [Lure::of('a', Family::Blade, 0.01, 'gold')])[0],
        );
    }

    public function test_differences_are_told_one_thing_at_a_time(): void
    {
        $situation = $this->situation(['boat' => 0.15]);
        $light = Chooser::hung($situation, Lure::of('a', Family::Blade, 0.0071, 'gold'), null);
        $heavy = Chooser::hung($situation, Lure::of('b', Family::Blade, 0.0213, 'gold'), null);
        $said = Difference::words($light, $situation, $heavy, $situation);
        self::assertMatchesRegularExpression('/^Leans \d+°, \d+° less\.$/u', $said[0]);
        self::assertMatchesRegularExpression('/sooner\.$/u', $said[1]);
        self::assertMatchesRegularExpression('/nearer to the side\.$/u', $said[2]);
        self::assertStringContainsString('more', Difference::words($heavy, $situation, $light, $situation)[0]);
        self::assertSame(['No difference that you would notice.'], Difference::words($light, $situation, $light, $situation));
        $gale = $this->situation(['boat' => 2.0, 'depth' => 60.0]);
        self::assertContains(
            'It never reaches the bottom in this flow.',
            Difference::words($light, $situation, Chooser::hung($gale, $light->lure, null), $gale),
        );
    }

    public function test_bands_of_temperature_meet_without_a_gap(): void
    {
        $bands = array_map(TempBand::of(...), [-2.0, 4.5, 4.51, 10.0, 10.1, 13.0, 13.1, 15.5, 15.6, 20.0, 20.1]);
        self::assertSame([0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 5], array_column($bands, 'value'));
        self::assertTrue(TempBand::Cold->atMost(TempBand::Cool));
        self::assertFalse(TempBand::Mild->atMost(TempBand::Cool));
    }

    public function test_every_cadence_fits_some_lure_and_has_its_steps(): void
    {
        $lures = [
            Lure::of('blade', Family::Blade, 0.0142, 'gold'), Lure::of('light', Family::Blade, 0.009, 'gold'),
            Lure::of('vibe', Family::Blade, 0.003, 'black'),
            Lure::of('spoon', Family::Spoon, 0.0142, 'gold'), Lure::of('bladed', Family::BladedSpoon, 0.0106, 'gold'),
            Lure::of('tail', Family::TailSpinner, 0.0142, 'gold'),
        ];
        $fits = static fn (Cadence $cadence, bool $vertical, bool $onBottom = true): array => array_values(
            array_map(
                static fn (Lure $lure): string => $lure->id,
                array_filter($lures, static fn (Lure $lure): bool => $cadence->fits($lure, new WorkedWhere($vertical, $onBottom))),
            ),
        );
        foreach (Cadence::cases() as $cadence) {
            $all = [...$fits($cadence, true), ...$fits($cadence, false), ...$fits($cadence, true, false)];
            self::assertNotSame([], $all, $cadence->value);
            $steps = $cadence->steps();
            self::assertGreaterThanOrEqual(0.0, $steps->liftM);
            self::assertSame($steps->fall === FallControl::None, $steps->liftM === 0.0);
            self::assertNotSame('', $steps->fall->word().$cadence->word());
        }
        self::assertSame(['light', 'vibe'], $fits(Cadence::Float, true, false));
        self::assertSame([], $fits(Cadence::Float, true));
        self::assertSame([[], ['vibe']], [$fits(Cadence::RideTheTide, true), $fits(Cadence::RideTheTide, false)]);
        self::assertSame([['spoon'], []], [$fits(Cadence::HandFeed, true), $fits(Cadence::HandFeed, false)]);
        self::assertSame(['tail'], $fits(Cadence::WallFall, false));
        self::assertSame('dead-stick', Cadence::DeadStick->word());
    }

    public function test_finishes_are_said_as_anglers_say_them(): void
    {
        self::assertSame(
            ['perch pattern', 'black and white', 'silver', 'firetiger glow'],
            array_map(Finish::word(...), ['perch', 'black_white', 'silver', 'firetiger_glow']),
        );
    }
}
