<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\Mood;
use Eskith\Core\Choosing\Note;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Choosing\VigourSchool;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Record\Learning;
use Eskith\Core\Record\Level;
use Eskith\Core\Record\RecordRule;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Light;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Runs;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What holds on any day: two thousand of them, drawn from all that can be read. */
final class DrawnDaysTest extends TestCase
{
    private const DAYS = 2000;

    private const OF_THE_BOTTOM = [
        Cadence::ShortPop, Cadence::LowHop, Cadence::ClockSweep, Cadence::DeadStick, Cadence::SteadyLift, Cadence::RideTheTide,
        Cadence::SlowPull,
    ];

    private Randomizer $random;

    public function test_what_holds_on_any_day(): void
    {
        $this->random = new Randomizer(new Mt19937(25));
        $chooser = new Chooser(RuleBook::standard());
        $box = self::box();
        $first = [];
        for ($day = 0; $day < self::DAYS; $day++) {
            $situation = $this->day();
            $ranked = $chooser->rank($situation, $box);
            $where = "day {$day}";
            $best = array_filter($ranked, static fn (Pick $pick): bool => $pick->points === $ranked[0]->points);
            foreach ($best as $pick) {
                $first[$pick->candidate->cadence->value ?? ''] = true;
            }
            $this->demandWays($situation, $ranked, $where);
            $this->demandGustsNeverLighten($chooser, $situation, $box, $where);
            $this->demandDeeperTakesLonger($situation, $ranked[0], $where);
            $said = implode(' ', (new Headline($situation))->of($ranked, $box, $chooser));
            if (! $situation->vertical()) {
                self::assertDoesNotMatchRegularExpression('/°(?![CF])|leans/', $said, $where);
            }
            if ($situation->onBottom() && $situation->water->bottom === Bottom::WeedThick) {
                self::assertSame(
                    ! $ranked[0]->candidate->lure->weedless, in_array(Note::WeedEdge, Note::of($ranked, $situation), true), $where,
                );
                self::assertTrue($ranked[0]->candidate->lure->weedless || str_contains($said, 'outer edge of the weed')
                    || str_contains($said, 'stays straight down'), "{$where}: {$said}");
            }
        }
        self::assertSame([], array_diff(array_column(Cadence::cases(), 'value'), array_keys($first)), 'cadences that never come first');
    }

    public function test_what_a_moved_reading_cannot_touch_is_as_it_was(): void
    {
        $this->random = new Randomizer(new Mt19937(27));
        $box = self::box();
        $book = RuleBook::standard()->and(self::record());
        $points = static fn (Chooser $chooser, Situation $there): array => array_map(
            static fn (Pick $pick): array => [
                $pick->candidate->lure->id, $pick->candidate->holeIndex, $pick->candidate->cadence, $pick->points,
                $pick->candidate->weighed->workingKg, $pick->candidate->secondsToBottom,
            ],
            $chooser->rank($there, $box),
        );
        for ($day = 0; $day < 60; $day++) {
            $now = $this->day()->unspoken();
            foreach ([Reading::Food, Reading::Trend, Reading::ForageSize] as $reading) {
                $now = $reading->with($now, $this->among($reading->choices()));
            }
            foreach (Reading::used() as $reading) {
                $walk = $reading->basis()->walk;
                $value = $walk === null ? $this->among($reading->choices()) : $this->between($walk->lowest, $walk->highest);
                $there = $reading->with($now, $value);
                $quick = new Chooser($book);
                $quick->rank($now, $box);
                $tiedOn = $day % 2 === 0 ? null : new TiedOn($this->among($box), null, Cadence::ShortPop);
                $top = $quick->topMoved($now, $there, [$reading], $box, $tiedOn, $this->among([$quick->top($now, $box), ...$box]));
                $afresh = new Chooser($book);

                self::assertSame($points($afresh, $there), $points($quick, $there), "day {$day}, {$reading->value} at {$value}");
                self::assertSame($afresh->top($there, $box, $tiedOn), $top);
                // And from there on, as far again.
                $next = $walk === null ? $this->among($reading->choices()) : $this->between($walk->lowest, $walk->highest);
                $on = $reading->with($now, $next);
                self::assertSame($afresh->top($on, $box, $tiedOn), $quick->topMoved($there, $on, [$reading], $box, $tiedOn, $top));
                self::assertSame($points($afresh, $on), $points($quick, $on), "day {$day}, {$reading->value} from {$value} to {$next}");
            }
        }
    }

    /** Each fish has its own series of weights, by which a record counts. */
    public function test_what_a_record_says_of_a_weight_goes_with_the_fish(): void
    {
        $this->random = new Randomizer(new Mt19937(3));
        $rules = RuleBook::standard();
        $chooser = new Chooser($rules->weighted(array_fill_keys(array_column($rules->rules, 'id'), 0.0))->and(self::record()));
        [$heavier, , , $light] = self::box();
        $walleye = Reading::Species->with($this->day()->unspoken(), 'walleye');
        $bream = Reading::Species->with($walleye, 'bream');

        self::assertSame($light, $chooser->top($walleye, [$light, $heavier]));
        self::assertSame($heavier, $chooser->topMoved($walleye, $bream, [Reading::Species], [$light, $heavier]));
    }

    /** What a record says of each factor, for and against. */
    private static function record(): Rule
    {
        $level = static fn (string $factor, string $level, float $points): Level => new Level(
            factor: $factor, level: $level, multiplier: 1.5, low: 1.1, high: 1.9, points: $points, touches: 20.0, hours: 10.0,
        );

        return RecordRule::of(new Learning(0.5, [
            $level('family', 'blade', 1.5), $level('family', 'spoon', -1.0), $level('weight_step', '4', 4.0),
            $level('weight_step', '1', -4.0),
            $level('finish', 'white', 1.0), $level('hole', 'middle', 0.75), $level('cadence', 'low_hop', 2.0),
            $level('cadence', 'flutter_drop', -1.0),
        ], 1.0)) ?? throw new \LogicException('It says something.');
    }

    /** @param  list<Pick>  $ranked */
    private function demandWays(Situation $situation, array $ranked, string $where): void
    {
        foreach ($ranked as $pick) {
            $cadence = $pick->candidate->cadence;
            if (! $situation->onBottom()) {
                self::assertNotContains($cadence, self::OF_THE_BOTTOM, $where);
            }
            if (! $situation->vertical()) {
                self::assertNull($pick->candidate->weighed->lineAngleDeg, $where);
            }
        }
        foreach (array_slice($ranked, 0, 3) as $pick) {
            foreach ($pick->reasons() as $reason) {
                if (! $situation->vertical()) {
                    self::assertStringNotContainsString('leans', $reason->text, $where);
                }
                if (! $situation->onBottom()) {
                    self::assertDoesNotMatchRegularExpression('/hard bottom|on the bottom|to the bottom/', $reason->text, $where);
                }
            }
        }
    }

    /**
     * The working weight in gusts is never lighter than without.
     *
     * @param  list<Lure>  $box
     */
    private function demandGustsNeverLighten(Chooser $chooser, Situation $situation, array $box, string $where): void
    {
        $boat = $situation->water->boatMs;
        if (! $situation->vertical() || $boat === null) {
            return;
        }
        $kg = static fn (?float $gust): float => $chooser->rank(
            $situation->with(water: $situation->water->with(gustBoatMs: $gust)), $box,
        )[0]->candidate->weighed->workingKg;
        self::assertGreaterThanOrEqual($kg(null), $kg($boat + ($boat < 0 ? -0.3 : 0.3)), $where);
    }

    /** A deeper lane never shortens the count. */
    private function demandDeeperTakesLonger(Situation $situation, Pick $pick, string $where): void
    {
        if ($situation->onBottom()) {
            return;
        }
        $depth = (float) $situation->water->depthM;
        $seconds = static fn (float $at): float => (float) Chooser::hung(
            $situation->with(water: $situation->water->with(fishDepthM: $at)), $pick->candidate->lure, $pick->candidate->holeIndex,
        )->secondsToBottom;
        $upper = $depth * $this->between(0.1, 0.6);
        self::assertGreaterThan($seconds($upper), $seconds($upper + 0.2 * $depth), $where);
        $column = $situation->columnIfStill;
        self::assertNotNull($column);
        self::assertLessThanOrEqual($depth, $column->toM + 1e-9);
        $cadence = $pick->candidate->cadence ?? Cadence::Float;
        $steps = $situation->steps($cadence, $pick->candidate->lure);
        if ($cadence->hasNumbers() && $steps->liftM < $column->toM && $situation->vertical()) {
            $repeat = Repeat::of($steps, $pick->candidate->lure->body, Falling::betweenLifts(
                $pick->candidate, $steps->fall,
            ), $column);
            self::assertGreaterThan(0.0, $repeat->fallSeconds, $where);
        }
    }

    private function day(): Situation
    {
        $depth = $this->between(2.0, 25.0);
        $river = $this->among([true, false]);

        return new Situation(
            new Conditions(
                tempC: $this->between(0.5, 26.0), depthM: $depth, clarity: $this->among(Clarity::cases()),
                light: $this->among(Light::cases()), currentMs: $this->among([0.0, 0.0, 0.2, 0.5]),
                boatMs: $this->among([0.0, 0.05, 0.2, -0.1, 0.4]), profile: $river ? Profile::River : Profile::Uniform,
                windMs: $this->between(0.0, 9.0), bottom: $this->among(Bottom::cases()), wall: $this->among([false, false, true]),
                calm: $this->among([true, false]), surfaceTempC: $this->between(2.0, 28.0),
                fishDepthM: $this->among([null, $depth * $this->between(0.1, 1.0)]),
            ),
            new Aim(
                species: $this->among(Species::cases()), how: $this->among(FishingMode::cases()),
                zone: $this->among([Zone::Bottom, Zone::Bottom, Zone::Suspended, Zone::Thermocline]), mood: $this->among(Mood::cases()),
                pressured: $this->among([true, false]), hop: $this->among([true, false, false]), marksBelow: $this->among([true, false]),
                runs: $this->among([null, ...Runs::cases()]),
            ),
            new Schools(vigour: $this->among(VigourSchool::cases())), 0.0002, UnitSet::metric(),
        );
    }

    private function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function among(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    /** @return list<Lure> */
    private static function box(): array
    {
        $holes = [new Hole('front', Point::of(18, 10)), new Hole('middle', Point::of(25, 10.5)), new Hole('back', Point::of(32, 10))];
        $box = [];
        foreach ([[Family::Blade, 0.0071], [Family::Blade, 0.0142], [Family::Blade, 0.0213], [Family::Blade, 0.003]] as [$family, $kg]) {
            $box[] = Lure::of("{$family->value} {$kg}", $family, $kg, 'silver', false, $holes, Point::of(19, 3));
        }
        foreach ([[Family::Spoon, 0.0142, false], [Family::Spoon, 0.0106, true], [Family::BladedSpoon, 0.0106, false],
            [Family::TailSpinner, 0.0142, false]] as [$family, $kg, $weedless]) {
            $box[] = Lure::of("{$family->value} {$kg} {$weedless}", $family, $kg, 'white', weedless: $weedless);
        }

        return $box;
    }
}
