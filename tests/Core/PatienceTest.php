<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Change;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Stint;
use Eskith\Core\Choosing\Trials;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Light;
use PHPUnit\Framework\TestCase;

/** How long to stay, what to change then, and when to leave. */
final class PatienceTest extends TestCase
{
    public function test_a_patience_of_two_hours_says_that_nothing_is_worth_the_change(): void
    {
        $lure = Lure::of('a', Family::Blade, 0.0142, 'gold');
        $pick = new Pick(Candidate::bare($lure, $lure->massKg, null, false), 0.0, [], static fn (): array => []);

        self::assertFalse((new Change('finish', $pick, 119.9))->isHardlyWorthIt());
        self::assertTrue((new Change('finish', $pick, 120.0))->isHardlyWorthIt());
    }

    public function test_a_fair_trial_comes_first_and_lasts_longer_for_a_cast(): void
    {
        self::assertGreaterThanOrEqual(10.0, $this->next(new Day)->afterMinutes);
        self::assertGreaterThanOrEqual(15.0, $this->next(new Day, vertical: false)->afterMinutes);
        foreach ([0.05, 0.1, 0.15] as $hours) {
            $left = $this->next($this->on('white', $hours))->afterMinutes;
            self::assertGreaterThanOrEqual(10 - 60 * $hours - 1e-6, $left);
        }
    }

    public function test_the_longer_the_blank_the_less_is_left(): void
    {
        $last = INF;
        foreach ([0.02, 0.1, 0.25, 0.5, 0.8, 1.2, 2.0] as $hours) {
            $left = $this->next($this->on('white', $hours))->afterMinutes;
            self::assertLessThanOrEqual($last + 1e-6, $left, "{$hours} h");
            $last = $left;
        }
        self::assertEqualsWithDelta(0.0, $last, 1e-6);
    }

    public function test_a_costlier_change_never_shortens_patience(): void
    {
        $last = 0.0;
        foreach ([0.0, 1.0, 3.0, 8.0, 20.0, 59.0] as $minutes) {
            $left = $this->next($this->on('white', 0.3, new Trials($minutes)))->afterMinutes;
            self::assertGreaterThanOrEqual($last - 1e-6, $left, "{$minutes} min");
            $last = $left;
        }
        self::assertGreaterThan(60.0, $last);
    }

    public function test_a_better_next_change_never_lengthens_it(): void
    {
        $last = INF;
        foreach ([0.0, 1.0, 2.0, 4.0] as $weight) {
            // C5 speaks for chartreuse: the more it counts, the better the other one stands.
            $left = $this->next($this->on('white', 0.3), $weight)->afterMinutes;
            self::assertLessThanOrEqual($last + 1e-6, $left, "chartreuse counts {$weight} times");
            $last = $left;
        }
    }

    public function test_touches_of_today_lengthen_it(): void
    {
        $blank = $this->next(new Day([Stint::of('white||flutter_drop', 1.0, 0.0, [])]))->afterMinutes;
        $touched = $this->next(new Day([Stint::of('white||flutter_drop', 1.0, 0.0, [0.9, 0.4])]))->afterMinutes;
        self::assertGreaterThan($blank, $touched);
    }

    public function test_going_back_and_forth_leads_on_to_a_third(): void
    {
        $stints = [];
        $seen = [];
        $now = 'chartreuse';
        for ($step = 0; $step < 5; $step++) {
            $seen[] = $now;
            $stints = array_map(
                static fn (Stint $stint): Stint => Stint::of($stint->way, $stint->fromH + 0.5, $stint->toH + 0.5, []), $stints,
            );
            $now = $this->nextFrom($now, new Day([Stint::of("{$now}||flutter_drop", 0.5, 0.0, []), ...$stints]));
            $stints[] = Stint::of(end($seen).'||flutter_drop', 0.5, 1e-4, []);
        }

        self::assertGreaterThanOrEqual(3, count(array_unique($seen)), implode(' → ', $seen));
    }

    public function test_a_spot_is_left_when_nothing_comes(): void
    {
        $day = static fn (float ...$hours): Day => new Day(
            array_map(
                static fn (float $h, int $i): Stint => Stint::of("way {$i}||flutter_drop", $h + $i, (float) $i, []), $hours,
                array_keys($hours),
            ),
        );
        self::assertFalse((new Day)->isTimeToMove(true));
        self::assertFalse($day(2.9)->isTimeToMove(true));
        self::assertTrue($day(3.0)->isTimeToMove(true));
        self::assertTrue($day(0.4, 0.4, 0.4)->isTimeToMove(true), 'three ways tried fairly');
        self::assertFalse($day(0.6, 0.6)->isTimeToMove(true), 'two');
        self::assertFalse($day(0.9, 0.1, 0.1)->isTimeToMove(true), 'two of them hardly tried');
        self::assertFalse($day(0.6, 0.2, 0.2)->isTimeToMove(false), 'a cast takes longer to try');
        self::assertFalse((new Day([Stint::of('a', 4.0, 0.0, [0.5])]))->isTimeToMove(true), 'half an hour since the last touch');
        self::assertTrue((new Day([Stint::of('a', 4.0, 0.0, [3.2])]))->isTimeToMove(true));
    }

    public function test_ages_that_cannot_be_are_refused(): void
    {
        foreach ([
            [1.0, 2.0, []], [0.0, 0.0, []], [1.0, -0.1, []], [1e6, 0.0, []], [1.0, 0.0, [-1.0]], [NAN, 0.0, []],
        ] as [$from, $to, $touches]) {
            try {
                Stint::of('a', $from, $to, $touches);
                self::fail("{$from} to {$to} was taken");
            } catch (InvalidInput $bad) {
                self::assertStringEndsWith('.', $bad->getMessage());
            }
        }
    }

    private function on(string $lure, float $hours, Trials $trials = new Trials): Day
    {
        return new Day([Stint::of("{$lure}||flutter_drop", $hours, 0.0, [])], trials: $trials);
    }

    private function next(Day $day, float $weight = 1.0, bool $vertical = true): Change
    {
        $ranked = $this->ranked($weight);

        return Ladder::over($ranked, $day, $vertical)->next($this->of('white', $ranked)) ?? self::fail('There is something to change to.');
    }

    private function nextFrom(string $lure, Day $day): string
    {
        $ranked = $this->ranked(finishes: ['chartreuse', 'white', 'silver']);
        $change = Ladder::over($ranked, $day, true)->next($this->of($lure, $ranked));
        self::assertSame('finish', $change?->thing);

        return $change->to->candidate->lure->id;
    }

    /** @param  list<Pick>  $ranked */
    private function of(string $lure, array $ranked): Pick
    {
        return array_values(
            array_filter(
                $ranked,
                static fn (Pick $pick): bool => $pick->candidate->lure->id === $lure
                    && $pick->candidate->cadence?->value === 'flutter_drop',
            ),
        )[0];
    }

    /**
     * @param  list<string>  $finishes
     * @return list<Pick> spoons of three finishes, which differ in nothing else
     */
    private function ranked(float $weight = 1.0, array $finishes = ['white', 'chartreuse', 'pink']): array
    {
        $situation = new Situation(
            new Conditions(
                tempC: 4, depthM: 8, clarity: $finishes[2] === 'silver' ? Clarity::Clear : Clarity::Stained,
                light: $finishes[2] === 'silver' ? Light::Bright : Light::Dim, currentMs: 0, boatMs: 0.1,
            ),
            new Aim(Species::Walleye), new Schools, 0.0002, UnitSet::metric(),
        );
        $box = array_map(static fn (string $finish): Lure => Lure::of($finish, Family::Spoon, 0.0142, $finish), $finishes);

        return (new Chooser(RuleBook::standard()->weighted(['C5' => $weight])))->rank($situation, $box);
    }
}
