<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Custom\Condition;
use Eskith\Core\Choosing\Custom\CustomRule;
use Eskith\Core\Choosing\Custom\LureFilter;
use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\IdealLure;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Readings\Renamed;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use PHPUnit\Framework\Attributes\DataProvider;

/** Rules of the angler's own, and the book with rules off. */
final class CustomRuleTest extends RuleTestCase
{
    public function test_it_speaks_when_its_readings_hold_and_says_so(): void
    {
        $rule = CustomRule::of(
            'mine', 'gold does well here',
            [Condition::anyOf(Reading::Light, ['dim', 'mixed']), Condition::between(Reading::Temperature, 4.0, 10.0)],
            LureFilter::of(['blade'], ['gold']), 2.0,
        )->rule();
        $points = fn (array $given): float => $rule->judge($this->situation($given), $this->candidate($given))->points ?? 0.0;

        self::assertSame(2.0, $points(['temp' => 4.0, 'light' => 'dim', 'finish' => 'gold']), 'bounds are included');
        self::assertSame(2.0, $points(['temp' => 10.0, 'light' => 'mixed', 'finish' => 'gold']));
        self::assertSame(0.0, $points(['temp' => 10.1, 'light' => 'dim', 'finish' => 'gold']));
        self::assertSame(0.0, $points(['temp' => 3.9, 'light' => 'dim', 'finish' => 'gold']));
        self::assertSame(0.0, $points(['temp' => 6.0, 'light' => 'bright', 'finish' => 'gold']));
        self::assertSame(0.0, $points(['temp' => 6.0, 'light' => 'dim', 'finish' => 'silver']));
        self::assertSame(0.0, $points(['temp' => 6.0, 'light' => 'dim', 'finish' => 'gold', 'family' => 'spoon']));
        self::assertSame(0.0, $points(['temp' => null, 'light' => 'dim', 'finish' => 'gold']), 'silent for a missing reading');
        $said = $rule->judge($this->situation(['temp' => 6.0, 'light' => 'dim']), $this->candidate(['finish' => 'gold']))?->text;
        self::assertSame('Dim light, 6 °C: gold does well here.', str_replace("\u{A0}", ' ', (string) $said));
    }

    /** @return iterable<string, array{Reading, list<string>|array{float|null, float|null}, array<string, mixed>, bool}> */
    public static function conditions(): iterable
    {
        yield 'deep enough' => [Reading::Depth, [10.0, null], ['depth' => 12.0], true];
        yield 'too shallow' => [Reading::Depth, [10.0, null], ['depth' => 8.0], false];
        yield 'a drift counts by its size' => [Reading::Drift, [0.2, null], ['boat' => -0.3], true];
        yield 'wind up to' => [Reading::Wind, [null, 4.0], ['wind' => 4.0], true];
        yield 'surface not read' => [Reading::SurfaceTemperature, [null, 40.0], [], false];
        yield 'one of the food' => [Reading::Food, ['shad'], ['food' => ['perch', 'shad']], true];
        yield 'other food' => [Reading::Food, ['shad'], ['food' => ['perch']], false];
        yield 'at a wall' => [Reading::Wall, ['yes'], ['wall' => true], true];
        yield 'calm' => [Reading::Calm, ['yes'], ['calm' => false], false];
        yield 'bottom' => [Reading::Bottom, ['rock', 'sand'], ['bottom' => 'sand'], true];
        yield 'trend' => [Reading::Trend, ['cooling'], ['trend' => 'steady'], false];
        yield 'clarity' => [Reading::Clarity, ['dirty'], ['clarity' => 'dirty'], true];
        yield 'fish' => [Reading::Species, ['perch'], ['fish' => 'perch'], true];
        yield 'cast' => [Reading::How, ['cast'], ['how' => 'cast'], true];
        yield 'zone' => [Reading::Zone, ['suspended'], ['zone' => 'bottom'], false];
        yield 'mood' => [Reading::Mood, ['active'], ['mood' => 'active'], true];
        yield 'pressured' => [Reading::Pressured, ['yes'], ['pressured' => true], true];
        yield 'hop' => [Reading::Hop, ['no'], [], true];
        yield 'away' => [Reading::Runs, ['away', 'toward'], ['runs' => 'away'], true];
        yield 'marks' => [Reading::MarksBelow, ['yes'], [], false];
        yield 'current' => [Reading::Current, [0.1, 0.4], ['current' => 0.3], true];
    }

    /**
     * @param  array<int, mixed>  $asked
     * @param  array<string, mixed>  $given
     */
    #[DataProvider('conditions')]
    public function test_conditions_hold_where_they_should(Reading $reading, array $asked, array $given, bool $holds): void
    {
        $condition = $reading->dimension() !== null ? Condition::between($reading, ...$asked) : Condition::anyOf($reading, $asked);
        self::assertSame($holds, $condition->holds($this->situation($given)));
        self::assertNotSame('', $condition->asks(new UnitFormat(UnitSet::metric())));
        if ($holds) {
            self::assertNotSame('', $condition->words($this->situation($given)));
        }
    }

    /** @return iterable<string, array{\Closure(): mixed, string}> */
    public static function refusals(): iterable
    {
        $gold = static fn (): LureFilter => LureFilter::of([], ['gold']);
        yield 'no name' => [static fn () => CustomRule::of('a', ' ', [], $gold(), 1.0), 'Say in a few words'];
        yield 'a long name' => [static fn () => CustomRule::of('a', str_repeat('x', 81), [], $gold(), 1.0), 'up to 80 letters'];
        yield 'no points' => [static fn () => CustomRule::of('a', 'x', [], $gold(), 0.0), '1 to 6 points'];
        yield 'too many' => [static fn () => CustomRule::of('a', 'x', [], $gold(), -6.5), '1 to 6'];
        yield 'not a number' => [static fn () => CustomRule::of('a', 'x', [], $gold(), NAN), '1 to 6'];
        yield 'twice the same reading' => [
            static fn () => CustomRule::of(
                'a', 'x', [Condition::anyOf(Reading::Light, ['dim']), Condition::anyOf(Reading::Light, ['bright'])], $gold(),
                1.0,
            ),
            'stands in a rule once',
        ];
        yield 'every lure' => [static fn () => LureFilter::of([], []), 'points for all of them would change nothing'];
        yield 'a strange family' => [static fn () => LureFilter::of(['wobbler'], []), 'A family is one of'];
        yield 'weights turned round' => [static fn () => LureFilter::of([], [], 0.02, 0.01), 'wrong way round'];
        yield 'no bound' => [static fn () => Condition::between(Reading::Depth, null, null), 'Give the depth'];
        yield 'bounds turned round' => [static fn () => Condition::between(Reading::Depth, 9.0, 3.0), 'wrong way round'];
        yield 'a choice measured' => [static fn () => Condition::between(Reading::Light, 1.0, 2.0), 'is chosen, not measured'];
        yield 'a measure chosen' => [static fn () => Condition::anyOf(Reading::Depth, ['deep']), 'is measured'];
        yield 'a strange choice' => [static fn () => Condition::anyOf(Reading::Light, ['pink']), '"pink" is not'];
        yield 'no choice' => [static fn () => Condition::anyOf(Reading::Light, []), 'choose at least one'];
    }

    /** @param  \Closure(): mixed  $make */
    #[DataProvider('refusals')]
    public function test_what_cannot_be_a_rule_is_refused_in_a_sentence(\Closure $make, string $words): void
    {
        try {
            $make();
            self::fail('It was taken.');
        } catch (InvalidInput $bad) {
            self::assertStringContainsString($words, $bad->getMessage());
            self::assertStringEndsWith('.', $bad->getMessage());
        }
    }

    public function test_lures_are_meant_by_family_finish_and_weight(): void
    {
        $vibe = Lure::of('v', Family::Blade, 0.006, 'black');
        $blade = Lure::of('b', Family::Blade, 0.0142, 'gold');
        self::assertSame([true, false], [LureFilter::of(['vibe'], [])->has($vibe), LureFilter::of(['vibe'], [])->has($blade)]);
        self::assertSame(
            [true, true], [LureFilter::of(['blade'], [])->has($vibe), LureFilter::of(['blade'], [])->has($blade)],
            'a vibe is a blade',
        );
        self::assertSame([false, true], [LureFilter::of([], [], 0.0142)->has($vibe), LureFilter::of([], [], 0.0142)->has($blade)]);
        self::assertSame([true, false], [
            LureFilter::of([], ['black'], null, 0.007)->has($vibe), LureFilter::of([], ['black'])->has($blade),
        ]);
        self::assertSame(
            'gold or silver blade or bladed spoon, 14 g or more',
            str_replace(
                "\u{A0}", ' ',
                LureFilter::of(['blade', 'bladed_spoon'], ['gold', 'silver'], 0.0142)->words(new UnitFormat(UnitSet::metric())),
            ),
        );
    }

    public function test_an_own_rule_counts_like_any_other_and_can_be_weighed(): void
    {
        $box = [Lure::of('white', Family::Blade, 0.0142, 'white'), Lure::of('pink', Family::Blade, 0.0142, 'pink')];
        $book = RuleBook::standard()->with([CustomRule::of('mine', 'Pink it is', [], LureFilter::of([], ['pink']), 6.0)]);
        $situation = $this->situation(['light' => 'dim']);
        $top = static fn (RuleBook $rules): string => (new Chooser($rules))->rank($situation, $box)[0]->candidate->lure->id;

        self::assertSame('white', $top(RuleBook::standard()));
        self::assertSame('pink', $top($book));
        self::assertSame('white', $top($book->weighted(['mine' => 0.0])));
        self::assertTrue($book->has('mine'));
        self::assertFalse(RuleBook::standard()->has('mine'));
        $reasons = array_column((new Chooser($book))->rank($situation, $box)[0]->reasons(), 'text', 'rule');
        self::assertSame('Always: Pink it is.', $reasons['mine']);
    }

    public function test_with_every_rule_off_the_order_is_sane_and_says_so(): void
    {
        $book = RuleBook::standard();
        $off = $book->weighted(array_fill_keys(array_column($book->rules, 'id'), 0.0));
        $box = [
            Lure::of('heavy', Family::Blade, 0.0213, 'white'), Lure::of('light', Family::Spoon, 0.0106, 'white'),
            Lure::of('middling', Family::Blade, 0.0142, 'white'),
        ];
        $situation = $this->situation([]);
        $ranked = (new Chooser($off))->rank($situation, $box);

        self::assertTrue($off->isSilent());
        self::assertFalse($book->weighted(['F1' => 0.0])->isSilent());
        self::assertSame(
            ['light', 'middling', 'heavy'],
            array_values(array_unique(array_map(static fn ($pick): string => $pick->candidate->lure->id, $ranked))),
        );
        self::assertSame([0.0], array_values(array_unique(array_map(static fn ($pick): float => $pick->points, $ranked))));
        [$headline, $lead] = (new Headline($situation))->of($ranked, $box, new Chooser($off));
        self::assertSame('Every rule is switched off', $headline);
        self::assertStringContainsString('then the lighter', $lead);
    }

    public function test_a_box_with_nothing_suitable_says_what_is_missing_and_what_would_do(): void
    {
        $bream = $this->situation(
            ['fish' => 'bream', 'temp' => 18.0, 'depth' => 3.6, 'boat' => 0.02, 'bottom' => 'weed_scattered', 'clarity' => 'clear'],
        );
        $say = static function (Situation $situation, array $box): array {
            $book = RuleBook::standard();

            return array_map(
                static fn (string $text): string => str_replace("\u{A0}", ' ', $text),
                (new Headline($situation))->of((new Chooser($book))->rank($situation, $box), $box, new Chooser($book)),
            );
        };
        [$headline, $lead] = $say($bream, [Lure::of('a', Family::Spoon, 0.0283, 'gold'), Lure::of('b', Family::Blade, 0.0213, 'silver')]);
        self::assertSame('Nothing in your box suits this', $headline);
        self::assertMatchesRegularExpression(
            '/^It has no vibe; a black .* vibe would do\. The .*\. Bream sought: .* is too much of a lure\.$/',
            $lead,
        );

        [$headline] = $say($bream, [Lure::of('c', Family::Blade, 0.003, 'black')]);
        self::assertSame('Tie on the black 3 g vibe', $headline);
        [, $lead] = $say($this->situation(['temp' => 4.0, 'light' => 'dim', 'clarity' => 'stained', 'bottom' => 'rock']), []);
        self::assertSame('Put in the lures you own, and Eskith chooses among them. For this water a white 14 g blade would do.', $lead);
    }

    public function test_a_box_of_many_points_is_unsuitable_too_where_another_lure_would_have_far_more(): void
    {
        $bass = $this->situation(
            [
                'fish' => 'white_bass', 'temp' => 11.0, 'mood' => 'sluggish', 'light' => 'dim', 'clarity' => 'stained',
                'bottom' => 'rock', 'food' => ['shad'],
            ],
        );
        $box = [Lure::of('a', Family::Blade, 3 / 8 * 0.028349523125, 'pink')];
        $book = RuleBook::standard();
        $ranked = (new Chooser($book))->rank($bass, $box);
        self::assertSame(8.0, $ranked[0]->points);
        [$headline, $lead] = (new Headline($bass))->of($ranked, $box, new Chooser($book));
        self::assertSame('Nothing in your box suits this', $headline);
        self::assertStringStartsWith('It has no bladed spoon; a white ', $lead);
    }

    public function test_what_would_do_is_what_the_rules_themselves_put_first(): void
    {
        $situation = $this->situation(
            ['fish' => 'white_bass', 'temp' => 11.0, 'mood' => 'sluggish', 'light' => 'dim', 'clarity' => 'stained'],
        );
        $would = IdealLure::best(new Chooser(RuleBook::standard()), $situation);
        self::assertSame([Family::BladedSpoon, 'white'], [$would->lure->family, $would->lure->finish]);
        self::assertEqualsWithDelta(3 / 8 * 0.0283495, $would->lure->massKg, 1e-5);
        self::assertFalse($would->shames((new Chooser(RuleBook::standard()))->rank($situation, [$would->lure])[0]));
    }

    public function test_a_box_is_unsuitable_from_a_quarter_of_the_touches_down(): void
    {
        $situation = $this->situation(['fish' => 'walleye', 'temp' => 5.0]);
        $would = IdealLure::best(new Chooser(RuleBook::standard()), $situation);
        $behind = static fn (float $points): Pick => new Pick(
            Candidate::bare($would->lure, $would->lure->massKg, null, false), $would->points - $points, [], static fn (): array => [],
        );

        // exp(−0.25 × 5.5) = 0.253 and exp(−0.25 × 5.6) = 0.247
        self::assertFalse($would->shames($behind(5.5)));
        self::assertTrue($would->shames($behind(5.6)));
    }

    public function test_what_a_box_lacks_is_the_kind_then_the_weight_then_the_finish(): void
    {
        $situation = $this->situation(
            ['fish' => 'white_bass', 'temp' => 11.0, 'mood' => 'sluggish', 'light' => 'dim', 'clarity' => 'stained'],
        );
        $would = IdealLure::best(new Chooser(RuleBook::standard()), $situation);
        $names = new LureNames($situation->say);
        $spoon = static fn (float $times, string $finish): Lure => Lure::of(
            'a', Family::BladedSpoon, $times * $would->lure->massKg, $finish,
        );

        self::assertSame('bladed spoon', $would->missing([], $names));
        self::assertSame("bladed spoon of 11\u{A0}g", $would->missing([$spoon(1.2, 'white'), $spoon(0.8, 'white')], $names));
        self::assertSame('white bladed spoon', $would->missing([$spoon(1.1, 'gold')], $names));
    }

    public function test_no_rule_moves_more_than_its_stake(): void
    {
        $stakes = array_column(RuleBook::standard()->rules, 'stake', 'id');
        $per = array_column(RuleBook::standard()->rules, 'per', 'id');
        self::assertSame('step', $per['W2']);
        foreach (Cases::file('pick-cases') as $case) {
            [['picks' => $picks]] = Cases::ask('pick', [$case['case']]);
            foreach ($picks as $pick) {
                foreach ($pick['reasons'] as $reason) {
                    if ($per[$reason['rule']] === '') {
                        self::assertLessThanOrEqual($stakes[$reason['rule']], abs($reason['points']), $reason['rule']);
                    }
                }
            }
        }
    }

    public function test_temperatures_in_a_rule_are_said_in_the_anglers_unit(): void
    {
        $say = new UnitFormat(UnitSet::imperial());
        self::assertSame("sluggish at 50 to 55\u{A0}°F", $say->temperatures('sluggish at 10 to 13 °C'));
        self::assertSame("below 60\u{A0}°F or 5 m", $say->temperatures('below 15.5 °C or 5 m'));
    }

    public function test_bare_conditions_are_never_read_into(): void
    {
        $bare = new Situation(new Conditions, $this->situation([])->aim, $this->situation([])->schools, 0.0002, UnitSet::metric());
        $unread = array_filter(Reading::used(), static fn (Reading $reading): bool => ! $reading->isRead($bare));
        self::assertSame(
            [
                'temp', 'surface', 'trend', 'clarity', 'depth', 'bottom', 'wall', 'drift', 'wind', 'current', 'calm', 'light', 'food',
                'forage', 'fish_depth', 'runs',
            ],
            array_values(array_column($unread, 'value')),
        );
        foreach (Reading::used() as $reading) {
            foreach ($reading->choices() ?: [1.5] as $value) {
                $there = $reading->with($bare, $value);
                self::assertTrue($reading->isRead($there));
                self::assertSame($reading->choices() === [] ? 1.5 : null, $reading->measured($there));
                self::assertSame($reading->choices() === [] ? [] : [$value], $reading->chosen($there));
                self::assertNotSame(
                    '',
                    $reading->choices() === []
                        ? $reading->measure($there->say, 1.5)
                        : $reading->saying((string) $value).$reading->naming((string) $value),
                );
                self::assertNotSame('', $reading->word());
            }
        }
    }

    public function test_what_older_files_call_otherwise_is_read_as_it_is_called_now(): void
    {
        self::assertSame(['depth', '8 m'], Renamed::reading('depth', '8 m'));
        self::assertSame(['runs', 'away'], Renamed::reading('away', 'yes'));
        self::assertNull(Renamed::reading('away', 'no'), 'it never said where else it runs');
        self::assertSame(['reading' => 'depth', 'from' => '8 m'], Renamed::condition(['reading' => 'depth', 'from' => '8 m']));
        self::assertSame(['reading' => 'runs', 'any' => ['away']], Renamed::condition(['reading' => 'away', 'any' => ['yes']]));
        self::assertSame(['reading' => 'runs', 'any' => ['toward', 'across']], Renamed::condition(['reading' => 'away', 'any' => ['no']]));
        self::assertSame(['reading' => 'runs', 'any' => []], Renamed::condition(['reading' => 'away', 'any' => 'yes']));
    }
}
