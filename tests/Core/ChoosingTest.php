<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Day;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\Ladder;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\TiedOn;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Choosing\Zone;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Clarity;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Light;
use PHPUnit\Framework\TestCase;

final class ChoosingTest extends TestCase
{
    public function test_missing_readings_silence_their_rules_and_the_most_wanted_is_named(): void
    {
        $bare = $this->situation(new Conditions);
        $picks = $this->rank($bare, [$this->blade('a', 0.0142, 'silver')]);

        self::assertSame([], array_intersect(['F1', 'F7', 'F9', 'W1', 'W5', 'C1'], array_column($picks[0]->reasons(), 'rule')));
        self::assertNull($picks[0]->candidate->weighed->lineAngleDeg);
        self::assertNull($picks[0]->candidate->secondsToBottom);
        self::assertSame(Reading::Temperature, RuleBook::standard()->mostWanted($this->situation(new Conditions(depthM: 8, boatMs: 0.1))));
        self::assertSame(['F13', 'F3'], $this->silentFor(Reading::Trend, Reading::SurfaceTemperature));
    }

    public function test_ids_are_unique_and_each_rule_says_what_it_holds(): void
    {
        $rules = RuleBook::standard()->rules;

        self::assertCount(51, $rules);
        self::assertSame($ids = array_column($rules, 'id'), array_values(array_unique($ids)));
        foreach ($rules as $rule) {
            self::assertStringEndsWith('.', $rule->says);
            self::assertGreaterThan(0, $rule->stake);
        }
    }

    public function test_a_rule_switched_off_or_reweighted_changes_only_its_own_points(): void
    {
        $situation = $this->situation($this->cold());
        $box = [$this->blade('a', 0.0142, 'white')];
        $before = $this->points($this->rank($situation, $box)[0]);
        $off = $this->points((new Chooser(RuleBook::standard()->weighted(['F1' => 0.0, 'C3' => 2.0])))->rank($situation, $box)[0]);

        self::assertSame(3.0, $before['F1']);
        self::assertArrayNotHasKey('F1', $off);
        self::assertSame(2 * $before['C3'], $off['C3']);
        unset($before['F1'], $before['C3'], $off['C3']);
        self::assertSame($before, $off);
    }

    public function test_ties_go_to_fewer_changes_then_lighter_then_box_order(): void
    {
        $situation = $this->situation(new Conditions(depthM: 8, currentMs: 0, boatMs: 0));
        $box = [$this->blade('first', 0.0142, 'pink'), $this->blade('second', 0.0142, 'red'), $this->blade('light', 0.01418 - 2e-6, 'red')];

        self::assertSame(['light', 'first', 'second'], $this->order($this->rank($situation, $box)));
        self::assertSame('second', $this->order($this->rank($situation, $box, new TiedOn($box[1], 'middle', Cadence::ShortPop)))[0]);
    }

    public function test_the_ladder_changes_one_thing_at_a_time_and_never_comes_back(): void
    {
        $box = [
            $this->blade('white', 0.0142, 'white'), $this->blade('gold', 0.0142, 'gold'),
            $this->blade('heavy', 0.0213, 'white'), Lure::of('spoon', Family::Spoon, 0.0142, 'white'),
        ];
        $ranked = $this->rank($this->situation($this->cold()), $box);
        $ladder = Ladder::over($ranked, new Day, true);
        $seen = [$this->words($ranked[0])];
        $from = $ranked[0];
        foreach ($ladder->steps($from, 6) as $change) {
            $to = $change->to;
            if ($change->thing !== 'family') {
                self::assertSame(1, $this->differences($from, $to), "{$change->thing} from {$this->words($from)} to {$this->words($to)}");
            }
            self::assertNotContains($this->words($to), $seen);
            $seen[] = $this->words($to);
            $from = $to;
        }
        self::assertCount(7, $seen);
    }

    public function test_weight_steps_follow_the_fish(): void
    {
        self::assertSame(
            [0, 3, 6],
            array_map(static fn (float $kg): int => WeightSteps::index($kg, Species::Walleye), [0.003, 0.0142, 0.04]),
        );
        self::assertSame(
            [0, 1, 2, 3, 4, 5],
            array_map(static fn (float $kg): int => WeightSteps::index($kg, Species::Bream), [0.003, 0.0045, 0.006, 0.007, 0.0071, 0.0106]),
        );
        self::assertSame(0, WeightSteps::index(0.00375, Species::Bream), 'the lighter on a tie');
        self::assertEqualsWithDelta(0.0106, WeightSteps::startKg(new Aim(Species::Walleye, zone: Zone::Suspended)), 1e-4);
        self::assertSame(0.003, WeightSteps::startKg(new Aim(Species::Bream, zone: Zone::Suspended)));
    }

    public function test_says_it_as_it_could_be_said_in_the_boat(): void
    {
        $box = [$this->blade('a', 0.0141748, 'white'), $this->blade('b', 0.003, 'black')];
        $headline = new Headline($this->situation($this->cold()));
        self::assertSame('Tie on the white half-ounce blade', $headline->of($this->rank($this->situation($this->cold()), $box), $box)[0]);
        self::assertSame('Your box is empty', $headline->of([], [])[0]);

        $gale = $this->situation(new Conditions(tempC: 4, depthM: 15, currentMs: 0, boatMs: 0.9));
        [$headline, $lead] = (new Headline($gale))->of($this->rank($gale, $box), $box);
        self::assertSame('Nothing you own stays straight down here', $headline);
        self::assertStringContainsString('slow to', $lead);

        $cast = $this->situation(new Conditions(tempC: 4), FishingMode::Cast);
        $tail = [Lure::of('t', Family::TailSpinner, 0.0142, 'white')];
        self::assertSame('Tie on the white half-ounce tail spinner', (new Headline($cast))->of($this->rank($cast, $tail), $tail)[0]);
    }

    public function test_bright_metal_refused_calls_for_natural(): void
    {
        $refused = new Situation($this->cold(), new Aim(Species::Walleye), new Schools, 0.0002, UnitSet::metric(), brightMetalMin: 25.0);
        $touched = new Situation(
            $this->cold(), new Aim(Species::Walleye), new Schools, 0.0002, UnitSet::metric(), brightMetalMin: 25.0,
            brightMetalTouched: true,
        );
        $box = [$this->blade('a', 0.0142, 'natural')];

        self::assertSame(2.0, $this->points($this->rank($refused, $box)[0])['C8']);
        self::assertArrayNotHasKey('C8', $this->points($this->rank($touched, $box)[0]));
    }

    private function cold(): Conditions
    {
        return new Conditions(tempC: 4, depthM: 8, clarity: Clarity::Stained, light: Light::Dim, currentMs: 0, boatMs: 0.1);
    }

    private function situation(Conditions $water, FishingMode $how = FishingMode::Vertical): Situation
    {
        return new Situation($water, new Aim(Species::Walleye, $how), new Schools, 0.0002, UnitSet::imperial());
    }

    private function blade(string $id, float $kg, string $finish): Lure
    {
        $holes = [new Hole('front', Point::of(18, 10)), new Hole('middle', Point::of(25, 10.5)), new Hole('back', Point::of(32, 10))];

        return Lure::of($id, Family::Blade, $kg, $finish, false, $holes, Point::of(19, 3));
    }

    /**
     * @param  list<Lure>  $box
     * @return list<Pick>
     */
    private function rank(Situation $situation, array $box, ?TiedOn $tiedOn = null): array
    {
        return (new Chooser(RuleBook::standard()))->rank($situation, $box, $tiedOn);
    }

    /** @return array<string, float> */
    private function points(Pick $pick): array
    {
        return array_column($pick->reasons(), 'points', 'rule');
    }

    /**
     * @param  list<Pick>  $picks
     * @return list<string>
     */
    private function order(array $picks): array
    {
        return array_values(array_unique(array_map(static fn (Pick $pick): string => $pick->candidate->lure->id, $picks)));
    }

    /** @return list<string> rules that want a reading which is not there */
    private function silentFor(Reading ...$needs): array
    {
        $situation = new Situation(
            new Conditions, new Aim(Species::Walleye, zone: Zone::Thermocline), new Schools, 0.0002, UnitSet::metric(),
        );
        $ids = [];
        foreach (RuleBook::standard()->rules as $rule) {
            if (array_intersect(array_column($needs, 'value'), array_column($rule->missing($situation), 'value')) !== []) {
                $ids[] = $rule->id;
            }
        }
        sort($ids);

        return $ids;
    }

    private function words(Pick $pick): string
    {
        $c = $pick->candidate;

        return "{$c->lure->id}/{$c->hole()?->name}/{$c->cadence?->value}";
    }

    private function differences(Pick $one, Pick $other): int
    {
        [$a, $b] = [$one->candidate, $other->candidate];

        return (int) ($a->lure->finish !== $b->lure->finish) + (int) ($a->lure->massKg !== $b->lure->massKg)
            + (int) ($a->cadence !== $b->cadence) + (int) (
                $a->hole()?->name !== $b->hole()?->name
            ) + (int) ($a->lure->family !== $b->lure->family);
    }
}
