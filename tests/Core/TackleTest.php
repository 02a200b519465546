<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Balance\BalanceFit;
use Eskith\Core\Balance\Hang;
use Eskith\Core\Balance\HangReading;
use Eskith\Core\Choosing\HoleRoles;
use Eskith\Core\Choosing\HoleSchool;
use Eskith\Core\Tackle\FactoryHooks;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Tackle\LoopGuide;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Tackle\QuickEntry;
use Eskith\Core\Tackle\Upkeep;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class TackleTest extends TestCase
{
    /** @return iterable<string, array{string, array<int, mixed>}> */
    public static function words(): iterable
    {
        yield 'as on the box' => ['1/2 oz blade, gold, 3 holes', [Family::Blade, 0.014175, 'gold', 3, false, 1]];
        yield 'in any order' => ['silver spoon 18 g', [Family::Spoon, 0.018, 'silver', 0, false, 1]];
        yield 'two words for a family' => ['3/8 bladed spoon white x3', [Family::BladedSpoon, 0.0106311, 'white', 0, false, 3]];
        yield 'a tail spinner' => ['½ oz tail spinner, perch pattern', [Family::TailSpinner, 0.014175, 'perch', 0, false, 1]];
        yield 'a vibe with red' => ['4.5g vibe black, red near the hooks, two holes', [Family::Blade, 0.0045, 'black', 2, true, 1]];
        yield 'black and white is one finish' => [
            '5/8 blade black and white no holes', [Family::Blade, 0.0177185, 'black_white', 0, false, 1],
        ];
        yield 'a finish of one\'s own' => ['1/4 oz blade, firetiger glow', [Family::Blade, 0.0070874, 'firetiger glow', 3, false, 1]];
        yield 'no finish said' => ['1 oz spoon', [Family::Spoon, 0.0283495, 'silver', 0, false, 1]];
    }

    /** @param  array<int, mixed>  $expected */
    #[DataProvider('words')]
    public function test_a_few_words_make_a_lure(string $text, array $expected): void
    {
        $entry = QuickEntry::read($text, Unit::Ounce);

        self::assertSame(
            [$expected[0], $expected[2], $expected[3], $expected[4], $expected[5]],
            [$entry->family, $entry->finish, $entry->holes, $entry->redNearHooks, $entry->quantity],
        );
        self::assertEqualsWithDelta($expected[1], $entry->weight->si, 1e-5);
    }

    public function test_words_that_are_not_enough_say_what_is_missing(): void
    {
        foreach ([
            '1/2 oz gold' => 'does not say which lure it is', 'gold blade' => 'has no weight',
            '1/2 blade 9 holes' => '0 to 4 line holes',
        ] as $text => $words) {
            try {
                QuickEntry::read($text, Unit::Ounce);
                self::fail("{$text} was read.");
            } catch (InvalidInput $bad) {
                self::assertStringContainsString($words, $bad->getMessage());
            }
        }
    }

    public function test_readings_off_by_two_degrees_report_their_misfit_honestly(): void
    {
        $dice = new Randomizer(new Mt19937(11));
        $balance = Point::of(19, 3);
        $holes = [Point::of(18, 10), Point::of(25, 10.5), Point::of(32, 10)];
        $error = static fn (): float => 2 * ($dice->getInt(-1000, 1000) / 1000);
        $misses = [];
        $residuals = [];
        for ($i = 0; $i < 400; $i++) {
            $fit = BalanceFit::from(
                array_map(
                    static fn (Point $hole): HangReading => HangReading::of($hole, Hang::angleDeg($hole, $balance) + $error()),
                    $holes,
                ),
            );
            $misses[] = hypot($fit->balance->x - 19, $fit->balance->y - 3);
            $residuals[] = $fit->rmsMm;
        }
        // By hand: an error of δ turns the reading's line about its hole, 7 to 15 mm away, so it misses the point by r·δ;
        // with δ uniform in ±2° (RMS 1.155°) and r of 7.1, 9.6 and 14.8 mm that is an RMS of 0.219 mm, and one of three
        // degrees of freedom is left after two are fitted.
        $expected = sqrt((7.07 ** 2 + 9.6 ** 2 + 14.76 ** 2) / 3) * deg2rad(2 / sqrt(3)) * sqrt(1 / 3);
        self::assertEqualsWithDelta($expected, sqrt(array_sum(array_map(static fn (float $r): float => $r * $r, $residuals)) / 400), 0.035);
        self::assertLessThan(1.2, max($misses));
        self::assertGreaterThan(0.1, array_sum($misses) / 400);
    }

    public function test_each_school_has_its_use_for_a_hole(): void
    {
        self::assertSame(
            [['cast and search'], ['vertical', 'unsure'], ['hop along the bottom']],
            array_map(static fn (int $i): array => HoleRoles::of(HoleSchool::MiddleFirst, $i, 3), [0, 1, 2]),
        );
        self::assertSame(
            [['vertical'], ['when the others are refused'], ['cast and search']],
            array_map(static fn (int $i): array => HoleRoles::of(HoleSchool::LevelLift, $i, 3), [0, 1, 2]),
        );
    }

    public function test_advice_on_hooks(): void
    {
        $half = Lure::of('a', Family::Blade, 0.0142, 'gold');

        self::assertContains(
            'The front hook (6) is larger than the rear (8). Put the smaller in front: it fouls less.',
            HookAdvice::for($half, 6, 8, true, 0, false),
        );
        self::assertSame(['Usual: front 8, rear 6.'], HookAdvice::for($half, 8, 6, true, 0, false));
        self::assertStringContainsString('5 fish and snags', implode(' ', HookAdvice::for($half, 8, 6, true, 5, false)));
        $factory = static fn (FactoryHooks $school): array => array_slice(HookAdvice::for($half, null, null, false, 0, false, $school), 1);
        self::assertSame(
            [FactoryHooks::Replaced->says(), 'Others leave them on while they are sharp.'], $factory(FactoryHooks::Replaced),
        );
        self::assertSame(
            [FactoryHooks::Kept->says(), 'Others sharpen or replace them at once.'], $factory(FactoryHooks::Kept),
        );
        self::assertStringContainsString(
            'no hook larger than 14',
            implode(' ', HookAdvice::for(Lure::of('v', Family::Blade, 0.003, 'black'), 10, 10, true, 0, false)),
        );
    }

    public function test_hook_sizes_change_just_above_and_below_the_half_ounce(): void
    {
        $said = static fn (float $ounces, Family $family = Family::Blade): string => HookAdvice::for(
            Lure::of('a', $family, $ounces * Constants::OUNCE_KG, 'gold'), null, null, true, 0, false,
        )[0];

        self::assertSame('Usual: front 10, rear 10 or 8.', $said(0.43));
        self::assertSame('Usual: front 8, rear 6.', $said(7 / 16));
        self::assertSame('Usual: front 8, rear 6.', $said(9 / 16));
        self::assertSame('Usual: front 6 or 5, rear 5 or 4.', $said(0.57));
        self::assertStringContainsString('size 4,', $said(9 / 16, Family::Spoon));
        self::assertStringContainsString('size 2,', $said(0.57, Family::Spoon));
        self::assertSame(
            ['Usual: front 8, rear 6.'],
            HookAdvice::for(Lure::of('a', Family::Blade, 0.0142, 'gold'), 8, 8, true, 0, false), 'two of one size are no fault',
        );
    }

    public function test_the_loop_follows_the_old_ring(): void
    {
        $small = LoopGuide::forRing(4);
        $large = LoopGuide::forRing(10, '40 lb');
        self::assertEqualsWithDelta([0.6333, 0.7333], [$small->braidM, $large->braidM], 1e-3, 'more for a larger ring');
        self::assertStringStartsWith('Cut 63 cm of braid for both hooks, 35 for one,', $small->steps[1]);
        self::assertStringStartsWith('Cut 25 in of braid for both hooks, 14 for one,', LoopGuide::forRing(4, '', Unit::Inch)->steps[1]);
        self::assertEqualsWithDelta(M_PI * 4, $small->roundMm, 0.05);
        self::assertStringContainsString('twice as strong as the main line, so 40 lb or more', $large->steps[1]);
        self::assertStringContainsString('spacer 10 mm thick', $large->steps[2]);
        self::assertSame('Draw the spacer out last.', $large->steps[6]);
        self::assertLessThan(
            6,
            array_key_first(array_filter($large->steps, static fn (string $step): bool => str_contains($step, 'singe'))),
            'singed before the spacer comes out',
        );

        self::assertEqualsWithDelta(M_PI * 2, LoopGuide::forRing(2.0)->roundMm, 0.05, 'the smallest');
        self::assertEqualsWithDelta(M_PI * 11, LoopGuide::forRing(11.0)->roundMm, 0.05, 'the largest');

        $this->expectExceptionMessage('Measure it there');
        LoopGuide::forRing(11.1);
    }

    public function test_what_is_due(): void
    {
        self::assertNull(Upkeep::hooks(3, 2));
        self::assertNotNull(Upkeep::hooks(null, 5));
        self::assertNotNull(Upkeep::hooks(61, 1));
        self::assertNull(Upkeep::leader(29));
        self::assertNotNull(Upkeep::leader(30));
        self::assertNull(Upkeep::line('braid', 400));
        self::assertNotNull(Upkeep::line('monofilament', 400));
    }
}
