<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Sensitivity\Sensitivity;
use Eskith\Core\Choosing\Sensitivity\TippingPoint;
use Eskith\Core\Choosing\Sensitivity\TippingWords;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\Dimension;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use PHPUnit\Framework\Attributes\DataProvider;

/** What would change the choice: every tip holds where it says, and not before. */
final class SensitivityTest extends RuleTestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function days(): iterable
    {
        yield 'cold lake' => [
            [
                'temp' => 3.0, 'clarity' => 'stained', 'light' => 'dim', 'boat' => 0.13, 'bottom' => 'rock_to_sand',
                'food' => ['perch'], 'mood' => 'sluggish',
            ],
        ];
        yield 'canyon river' => [['temp' => 9.0, 'depth' => 6.4, 'current' => 0.5, 'boat' => 0.3, 'bottom' => 'rock', 'fish' => 'sauger']];
        yield 'quarry wall' => [
            [
                'temp' => 7.0, 'depth' => 9.0, 'wall' => true, 'bottom' => 'rock', 'fish' => 'smallmouth', 'light' => 'bright',
                'how' => 'cast', 'wind' => 6.0,
            ],
        ];
        yield 'harbour' => [['temp' => 14.0, 'depth' => 3.6, 'current' => 0.3, 'fish' => 'bream', 'how' => 'cast', 'away' => true]];
        yield 'summer' => [
            [
                'temp' => 19.0, 'surface' => 24.0, 'depth' => 14.0, 'zone' => 'thermocline', 'mood' => 'active',
                'light' => 'bright', 'finishes' => 'flash-by-light',
            ],
        ];
        yield 'cool and slack' => [['temp' => 11.0, 'fish' => 'white_bass', 'mood' => 'sluggish', 'vigour' => 'snap-awake']];
    }

    /** @param  array<string, mixed>  $day */
    #[DataProvider('days')]
    public function test_the_top_found_alone_is_the_top_of_the_ranking(array $day): void
    {
        $box = $this->box();
        $chooser = new Chooser(RuleBook::standard());
        $tied = [null, new TiedOn($box[3], 'back', Cadence::ShortPop), new TiedOn($box[9], null, Cadence::FlutterDrop)];
        foreach (Reading::used() as $reading) {
            $measures = $reading->dimension() === Dimension::Speed ? [0.0, 0.1, 0.3, 0.6, 1.4, 5.9] : [0.3, 2.0, 9.0, 12.5, 21.0];
            foreach ($reading->choices() ?: $measures as $value) {
                $there = $reading->with($this->situation($day), $value);
                foreach ($tied as $tiedOn) {
                    self::assertSame(
                        $chooser->rank($there, $box, $tiedOn)[0]->candidate->lure->id,
                        $chooser->top($there, $box, $tiedOn)?->id, "{$reading->value} {$value}",
                    );
                }
            }
        }
    }

    /** @param  array<string, mixed>  $day */
    #[DataProvider('days')]
    public function test_every_tip_holds_where_it_says_and_not_before(array $day): void
    {
        $box = $this->box();
        $now = $this->situation($day);
        $chooser = new Chooser(RuleBook::standard());
        $tipping = new Sensitivity($chooser, $now, $box);
        $first = $chooser->top($now, $box);
        $grain = ['temp' => 0.02, 'surface' => 0.05, 'depth' => 0.02, 'drift' => 0.002, 'current' => 0.002, 'wind' => 0.05];
        foreach (Reading::used() as $reading) {
            foreach ($tipping->of($reading) as $tip) {
                self::assertNotSame($first?->id, $tip->lure->id);
                if (is_string($tip->at)) {
                    self::assertSame(
                        $tip->lure->id, $chooser->top($reading->with($now, $tip->at), $box)?->id,
                        "{$reading->value} {$tip->at}",
                    );

                    continue;
                }
                $past = (float) $tip->past;
                self::assertLessThanOrEqual($grain[$reading->value], abs($past - $tip->at));
                self::assertSame($tip->above, $past > $tip->at);
                self::assertSame(
                    $first?->id, $chooser->top($reading->with($now, $tip->at), $box)?->id,
                    "{$reading->value} still at {$tip->at}",
                );
                self::assertNotSame(
                    $first?->id, $chooser->top($reading->with($now, $past), $box)?->id, "{$reading->value} tipped at {$past}",
                );
            }
        }
    }

    public function test_the_drift_that_tips_is_the_drift_at_which_the_lighter_no_longer_stays_vertical(): void
    {
        $now = $this->situation(['boat' => 0.05, 'bottom' => 'sand']);
        $half = Lure::of('half', Family::Blade, 0.0141748, 'plain');
        $three = Lure::of('three quarters', Family::Blade, 0.0212621, 'plain');
        self::assertNotNull($now->column);
        $limit = VerticalLimits::largestDriftMs($half->body, $now->column);

        [$tip] = (new Sensitivity(new Chooser(RuleBook::standard()), $now, [$half, $three]))->of(Reading::Drift);
        self::assertSame([$three, true], [$tip->lure, $tip->above]);
        self::assertEqualsWithDelta($limit, $tip->at, 0.003);
    }

    public function test_the_temperature_that_tips_is_the_edge_of_a_band(): void
    {
        // Below 10 °C level at 5 (F1 3 and a short pop 2; F2 2, clear water 1 and a flutter drop 2): the first in the box. From
        // 10 °C on the steady lift gives the spoon 6.
        $box = [Lure::of('blade', Family::Blade, 0.0141748, 'plain'), Lure::of('spoon', Family::Spoon, 0.0141748, 'plain')];
        $chooser = new Chooser(RuleBook::standard());
        $now = $this->situation(['temp' => 4.0, 'bottom' => 'sand', 'clarity' => 'clear', 'boat' => 0.0]);
        $tips = (new Sensitivity($chooser, $now, $box))->of(Reading::Temperature);

        self::assertCount(1, $tips);
        self::assertSame(['spoon', true], [$tips[0]->lure->id, $tips[0]->above]);
        self::assertEqualsWithDelta(10.0, $tips[0]->at, 0.021);
    }

    public function test_of_two_that_are_alike_the_first_in_the_box_stays_on_top_whichever_is_looked_at_first(): void
    {
        $box = array_map(static fn (string $id): Lure => Lure::of($id, Family::Blade, 0.0141748, 'white'), ['one', 'two', 'three']);
        $now = $this->situation(['temp' => 4.0]);
        $there = Reading::Wind->with($now, 3.0);
        foreach ([null, ...$box] as $likely) {
            $top = (new Chooser(RuleBook::standard()))->topMoved($now, $there, [Reading::Wind], $box, null, $likely);
            self::assertSame('one', $top?->id);
        }
    }

    public function test_what_would_put_a_certain_lure_on_top(): void
    {
        $box = [Lure::of('blade', Family::Blade, 0.0141748, 'white'), Lure::of('tail', Family::TailSpinner, 0.0141748, 'white')];
        $now = $this->situation(['temp' => 6.0, 'wall' => false]);
        $tips = (new Sensitivity(new Chooser(RuleBook::standard()), $now, $box))->towards(Reading::Wall, $box[1]);
        self::assertCount(1, $tips);
        self::assertSame('yes', $tips[0]->at);
        self::assertSame([], (new Sensitivity(new Chooser(RuleBook::standard()), $now, $box))->towards(Reading::Light, $box[1]));
    }

    public function test_the_missing_reading_that_would_change_most_is_wanted(): void
    {
        $box = [Lure::of('silver', Family::Blade, 0.0141748, 'silver'), Lure::of('white', Family::Blade, 0.0141748, 'white')];
        $bare = new Situation(
            new Conditions(tempC: 4.0, depthM: 8.0, boatMs: 0.0), $this->situation([])->aim, $this->situation([])->schools,
            0.0002, UnitSet::metric(),
        );
        $wanted = (new Sensitivity(new Chooser(RuleBook::standard()), $bare, $box))->mostWanted();
        self::assertSame(Reading::Clarity, $wanted?->reading);
        self::assertSame(2 / 3, $wanted->share, 'stained and dirty call for white');
        self::assertSame('white', $wanted->lure->id);
        self::assertNull((new Sensitivity(new Chooser(RuleBook::standard()), $bare, [$box[0]]))->mostWanted(), 'one lure is never beaten');
    }

    public function test_nobody_is_asked_for_the_size_of_the_forage_whatever_it_would_change(): void
    {
        // A heavier and a lighter one, told apart by nothing but the forage: all else is read.
        $box = [Lure::of('lighter', Family::Blade, 0.0106311, 'silver'), Lure::of('half', Family::Blade, 0.0141748, 'silver')];
        $now = $this->situation(['temp' => 4.0, 'fish' => 'pike', 'surface' => 5.0, 'food' => ['perch']]);
        self::assertFalse(Reading::ForageSize->isRead($now));
        $first = static fn (Situation $s): string => (new Chooser(RuleBook::standard()))->rank($s, $box, null)[0]->candidate->lure->id;
        $other = array_filter(
            ['smaller', 'like', 'larger'], static fn (string $is): bool => $first(Reading::ForageSize->with($now, $is)) !== $first($now),
        );
        self::assertNotSame([], $other, 'it would change the choice');
        self::assertNotSame(
            Reading::ForageSize, (new Sensitivity(new Chooser(RuleBook::standard()), $now, $box))->mostWanted()?->reading,
        );
        self::assertNotSame(Reading::ForageSize, RuleBook::standard()->mostWanted($now));
    }

    public function test_what_matters_most_is_asked_for_before_what_would_change_more(): void
    {
        $box = [
            Lure::of('silver', Family::Blade, 0.0141748, 'silver'), Lure::of('white', Family::Blade, 0.0141748, 'white'),
            Lure::of('heavy', Family::Blade, 0.0283495, 'silver'),
        ];
        $now = new Situation(
            new Conditions(tempC: 4.0, boatMs: 0.4, currentMs: 0.0), $this->situation([])->aim, $this->situation([])->schools,
            0.0002, UnitSet::metric(),
        );
        $asked = static fn (Situation $situation): ?Reading => (
            new Sensitivity(new Chooser(RuleBook::standard()), $situation, $box)
        )->mostWanted()?->reading;
        self::assertSame(Reading::Depth, $asked($now));
        self::assertNotContains($asked($now->with(water: $now->water->with(depthM: 8.0))), Reading::FIRST, 'they are read');
        $needed = static fn (Conditions $water): ?Reading => RuleBook::standard()->mostWanted($now->with(water: $water));
        self::assertContains($needed(new Conditions()), Reading::FIRST);
        self::assertSame(Reading::Drift, $needed(new Conditions(tempC: 4.0, depthM: 8.0)));
        self::assertNotContains($needed(new Conditions(tempC: 4.0, depthM: 8.0, boatMs: 0.2, currentMs: 0.0)), Reading::FIRST);
    }

    public function test_a_sentence_about_any_value_of_any_reading_begins_as_one_would_say_it(): void
    {
        $say = new UnitFormat(UnitSet::imperial());
        foreach ([
            'At 36 °F' => [Reading::Temperature, 2.0], 'In 26 ft of water' => [Reading::Depth, 8.0], 'At a wall' => [Reading::Wall, 'yes'],
            'Away from a wall' => [Reading::Wall, 'no'], 'Over a ridge in the mud' => [Reading::Bottom, 'mud_ridge'],
            'In stained water' => [Reading::Clarity, 'stained'],
            'With the water cooling' => [Reading::Trend, 'cooling'], 'When casting' => [Reading::How, 'cast'],
            'For smallmouth' => [Reading::Species, 'smallmouth'],
            'In a slick calm' => [Reading::Calm, 'yes'], 'With the water running away from you' => [Reading::Runs, 'away'],
            'With shad about' => [Reading::Food, 'shad'],
        ] as $words => [$reading, $value]) {
            self::assertSame($words, str_replace("\u{a0}", ' ', $reading->opening($say, $value)));
        }
        foreach (Reading::used() as $reading) {
            foreach ($reading->choices() ?: [2.0] as $value) {
                self::assertMatchesRegularExpression(
                    '/^(At|In|With|Without|Over|For|Away|When|Straight|Hopping) [a-z0-9]/', $reading->opening($say, $value),
                );
            }
        }
    }

    public function test_wind_moves_the_drift_where_that_is_reckoned_from_it(): void
    {
        $half = Lure::of('half', Family::Blade, 0.0141748, 'plain');
        $box = [$half, Lure::of('three quarters', Family::Blade, 0.0212621, 'plain')];
        $now = $this->situation(['wind' => 2.0, 'boat' => 0.07, 'bottom' => 'sand']);
        $chooser = new Chooser(RuleBook::standard());
        self::assertSame([], (new Sensitivity($chooser, $now, $box))->of(Reading::Wind));
        [$byWind] = (new Sensitivity($chooser, $now, $box, null, 0.035))->of(Reading::Wind);
        [$byDrift] = (new Sensitivity($chooser, $now, $box))->of(Reading::Drift);
        self::assertEqualsWithDelta((float) $byDrift->at, 0.035 * (float) $byWind->at, 0.004);
    }

    public function test_a_drift_is_not_turned_round_where_nothing_else_flows(): void
    {
        $box = $this->box();
        foreach ([0.13, -0.13] as $drift) {
            $sensitivity = new Sensitivity(new Chooser(RuleBook::standard()), $this->situation(['boat' => $drift, 'temp' => 3.0]), $box);
            foreach ($sensitivity->of(Reading::Drift) as $tip) {
                self::assertGreaterThanOrEqual(0.0, (float) $tip->at * $drift);
            }
        }
    }

    public function test_tips_are_said_as_in_the_boat(): void
    {
        $words = new TippingWords(
            new Situation(
                $this->situation([])->water, $this->situation([])->aim, $this->situation([])->schools, 0.0002,
                UnitSet::imperial(),
            ),
        );
        $now = Lure::of('a', Family::Blade, 0.0141748, 'white');
        $heavy = Lure::of('b', Family::Blade, 0.0177185, 'white');
        $silver = Lure::of('c', Family::Blade, 0.0141748, 'silver');
        $spoon = Lure::of('d', Family::Spoon, 0.0141748, 'gold');
        $plain = static fn (string $text): string => str_replace("\u{A0}", ' ', $text);

        $tip = static fn (
            Reading $reading, float|string $at, ?bool $above, Lure $lure
        ): TippingPoint => new TippingPoint($reading, $at, $at, $above, $lure);
        self::assertSame(
            'Above 0.6 mph of drift: take the ⅝ oz.',
            $plain($words->sentence([$tip(Reading::Drift, 0.2682, true, $heavy)], $now)),
        );
        self::assertSame('> 0.6 mph: ⅝ oz', $plain($words->short($tip(Reading::Drift, 0.2682, true, $heavy), $now)));
        self::assertSame('Bright light: take silver.', $words->sentence([$tip(Reading::Light, 'bright', null, $silver)], $now));
        self::assertSame('bright: silver', $words->short($tip(Reading::Light, 'bright', null, $silver), $now));
        self::assertSame(
            'Below 50 °F: take the gold half-ounce spoon.',
            $plain($words->sentence([$tip(Reading::Temperature, 10.0, false, $spoon)], $now)),
        );
        self::assertSame(
            'Above 0.2 mph of current the other way: take the ⅝ oz.',
            $plain($words->sentence([$tip(Reading::Current, -0.0894, false, $heavy)], $now)),
        );
        $fish = array_map(
            static fn (string $fish): TippingPoint => $tip(Reading::Species, $fish, null, $silver),
            ['perch', 'crappie', 'white_bass'],
        );
        self::assertSame([$fish], TippingWords::alike($fish));
        self::assertSame('Perch, crappie or white bass sought: take silver.', $words->sentence($fish, $now));
        self::assertCount(2, TippingWords::alike([$tip(Reading::Depth, 3.0, false, $spoon), $tip(Reading::Depth, 20.0, true, $spoon)]));
    }

    /** @return list<Lure> */
    private function box(): array
    {
        $box = [];
        $holes = [new Hole('front', Point::of(18, 10)), new Hole('middle', Point::of(25, 10.5)), new Hole('back', Point::of(32, 10))];
        foreach ([
            [0.0106, 'white'], [0.0142, 'white'], [0.0142, 'gold'], [0.0142, 'silver'], [0.0177, 'chartreuse'],
            [0.0213, 'perch'], [0.0283, 'natural'], [0.006, 'black'],
        ] as $i => [$kg, $finish]) {
            $box[] = Lure::of("blade {$i}", Family::Blade, $kg, $finish, false, $holes, Point::of(19, 3));
        }
        foreach ([
            [Family::Spoon, 0.0142, 'silver'], [Family::Spoon, 0.0213, 'gold'], [Family::BladedSpoon, 0.0106, 'white'],
            [Family::TailSpinner, 0.0142, 'white'],
        ] as $i => [$family, $kg, $finish]) {
            $box[] = Lure::of("other {$i}", $family, $kg, $finish);
        }

        return $box;
    }
}
