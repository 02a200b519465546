<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\BladeFall;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\CadenceBook;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\SpoonFall;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a lure is let down, by school, and the numbers each cadence is worked with. */
final class FallSchoolTest extends TestCase
{
    /** @return iterable<string, array{FallControl, Family, Schools, FallControl}> */
    public static function falls(): iterable
    {
        [$usual, $other] = [new Schools, new Schools(bladeFall: BladeFall::Free, spoonFall: SpoonFall::Taut)];
        yield 'a blade on a tight line' => [FallControl::Controlled, Family::Blade, $usual, FallControl::Controlled];
        yield 'a blade let go' => [FallControl::Controlled, Family::Blade, $other, FallControl::Free];
        yield 'a blade that floats down does so in either school' => [FallControl::Slack, Family::Blade, $other, FallControl::Slack];
        yield 'a spoon that flutters' => [FallControl::Slack, Family::Spoon, $usual, FallControl::Slack];
        yield 'a spoon held' => [FallControl::Slack, Family::Spoon, $other, FallControl::Controlled];
        yield 'a bladed spoon held' => [FallControl::Slack, Family::BladedSpoon, $other, FallControl::Controlled];
        yield 'a spoon fed by hand is fed in either school' => [FallControl::ByHand, Family::Spoon, $other, FallControl::ByHand];
        yield 'a spinner down a wall' => [FallControl::Free, Family::TailSpinner, $other, FallControl::Free];
    }

    #[DataProvider('falls')]
    public function test_each_school_lets_down_what_anglers_disagree_about(
        FallControl $usual, Family $family, Schools $schools, FallControl $wanted,
    ): void {
        self::assertSame($wanted, $schools->fall($usual, Lure::of('a', $family, 0.014, 'white')));
    }

    public function test_a_spoon_held_is_sooner_down_and_a_blade_is_not(): void
    {
        $box = [Lure::of('spoon', Family::Spoon, 0.014, 'silver'), Lure::of('blade', Family::Blade, 0.014, 'silver')];
        $seconds = static fn (Schools $schools): array => array_column(array_map(
            static fn (Pick $pick): array => [$pick->candidate->lure->id, $pick->candidate->secondsToBottom],
            (new Chooser(RuleBook::standard()))->rank(self::situation($schools), $box),
        ), 1, 0);
        [$slack, $taut] = [$seconds(new Schools), $seconds(new Schools(spoonFall: SpoonFall::Taut, bladeFall: BladeFall::Free))];

        // v goes as 1/√c: 5.0 fluttering, 1.5 held, less what the line takes.
        self::assertEqualsWithDelta(sqrt(5.0 / 1.5), $slack['spoon'] / $taut['spoon'], 0.12);
        self::assertSame($slack['blade'], $taut['blade']);
    }

    public function test_what_was_timed_is_not_put_right_by_a_school(): void
    {
        $timed = Lure::of('spoon', Family::Spoon, 0.014, 'silver', measuredDrag: ['' => 4.0]);

        self::assertSame(
            4.0,
            Falling::toTheBottom(self::situation(new Schools(spoonFall: SpoonFall::Taut)), $timed, null, null)->dragFalling,
        );
    }

    public function test_going_to_the_other_school_and_back_is_where_one_was(): void
    {
        foreach (Family::cases() as $family) {
            $lure = Lure::of('a', $family, 0.014, 'white');
            $other = (new Schools)->withOtherFall($lure);
            if ($family === Family::TailSpinner) {
                self::assertNull($other, 'nobody disagrees about a spinner');

                continue;
            }
            self::assertNotNull($other);
            self::assertNotSame((new Schools)->fallWord($lure), $other->fallWord($lure));
            self::assertEquals(new Schools, $other->withOtherFall($lure));
        }
    }

    public function test_numbers_of_ones_own_take_the_place_of_the_usual_for_that_cadence_alone(): void
    {
        $book = (new CadenceBook)->with(Cadence::ShortPop, 0.5, 0.7, 3.0);
        $own = $book->of(Cadence::ShortPop);

        self::assertSame([0.5, 0.7, 3.0, FallControl::Controlled], [$own->liftM, $own->liftSeconds, $own->pauseSeconds, $own->fall]);
        self::assertTrue($book->isOwn(Cadence::ShortPop));
        self::assertEquals(Cadence::HighPop->steps(), $book->of(Cadence::HighPop));
        self::assertFalse($book->isOwn(Cadence::HighPop));
        $situation = new Situation(
            new Conditions, new Aim(Species::Walleye), new Schools(bladeFall: BladeFall::Free), 0.0002, UnitSet::metric(),
            cadences: $book,
        );
        foreach ([$situation, $situation->unspoken(), $situation->with(schools: new Schools), $situation->logged(1.0, false)] as $same) {
            self::assertSame(0.5, $same->steps(Cadence::ShortPop, Lure::of('a', Family::Blade, 0.014, 'white'))->liftM);
        }
        self::assertSame(FallControl::Free, $situation->steps(Cadence::ShortPop, Lure::of('a', Family::Blade, 0.014, 'white'))->fall);
    }

    /** @return iterable<string, array{Cadence, float, float, float, string}> */
    public static function refused(): iterable
    {
        yield 'no lift' => [Cadence::ShortPop, 0.0, 0.4, 1.0, 'lift'];
        yield 'a lift beyond rod and reel' => [Cadence::SteadyLift, 12.1, 5.0, 1.0, 'lift'];
        yield 'no time' => [Cadence::ShortPop, 0.3, 0.0, 1.0, 'seconds'];
        yield 'no number' => [Cadence::ShortPop, 0.3, NAN, 1.0, 'seconds'];
        yield 'a pause of an hour' => [Cadence::DeadStick, 0.05, 0.3, 3600.0, 'pause'];
        yield 'a pause backwards' => [Cadence::DeadStick, 0.05, 0.3, -1.0, 'pause'];
        yield 'what has no numbers' => [Cadence::SlowRoll, 0.3, 0.4, 1.0, 'cadence'];
    }

    #[DataProvider('refused')]
    public function test_numbers_that_cannot_be_are_refused_by_name(
        Cadence $cadence, float $lift, float $seconds, float $pause, string $field,
    ): void {
        try {
            (new CadenceBook)->with($cadence, $lift, $seconds, $pause);
            self::fail('taken');
        } catch (InvalidInput $bad) {
            self::assertSame($field, $bad->field);
        }
    }

    private static function situation(Schools $schools): Situation
    {
        return new Situation(
            new Conditions(tempC: 4.0, depthM: 8.0, currentMs: 0.0, boatMs: 0.0), new Aim(Species::Walleye), $schools, 0.0002,
            UnitSet::metric(),
        );
    }
}
