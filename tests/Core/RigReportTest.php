<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Aim;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\FishingMode;
use Eskith\Core\Choosing\Rigged\Finding;
use Eskith\Core\Choosing\Rigged\RigCheck;
use Eskith\Core\Choosing\Rigged\RigChecks;
use Eskith\Core\Choosing\Rigged\RigHeadline;
use Eskith\Core\Choosing\Rigged\RigReport;
use Eskith\Core\Choosing\Rigged\RigTrades;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Rig\Hooks;
use Eskith\Core\Rig\Line;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\Reel;
use Eskith\Core\Rig\Rig;
use Eskith\Core\Rig\RodLength;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\Conditions;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Runs;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\TestCase;

final class RigReportTest extends TestCase
{
    public function test_a_sound_rig_is_ready_and_says_its_four_numbers(): void
    {
        $report = $this->report($this->rig());

        // Line knot 90 × 0.8 = 72 N; leader 36 × 0.8 = 28.8 N = 2.9 kg; drag 7.2 N = 0.73 kg.
        self::assertEqualsWithDelta(28.8, $report->chain->holdsN, 1e-9);
        self::assertSame("Rig is good. Drag 0.73\u{A0}kg.", $this->headline($report), 'the air was not read, and need not be');
        self::assertSame(['leader knot', "2.9\u{A0}kg"], [$report->chain->weakest->name, $report->holds()]);
        self::assertNotNull($report->lineOutM());
        self::assertGreaterThanOrEqual(8.0, $report->lineOutM());
    }

    public function test_thinner_line_of_the_same_strength_never_has_more_belly(): void
    {
        $last = INF;
        foreach ([0.0004, 0.0003, 0.0002, 0.00015, 0.0001] as $diameter) {
            $lost = $this->report($this->rig(Line::of(Material::Braid, 90.0, $diameter)))->lost;
            self::assertNotNull($lost);
            self::assertLessThanOrEqual($last, $lost->bellyM);
            $last = $lost->bellyM;
        }
    }

    public function test_monofilament_far_down_cannot_drive_a_hook(): void
    {
        $deep = ['depthM' => 45.0, 'boatMs' => 0.02];
        $mono = new Rig(Line::of(Material::Monofilament, 45.0), null, 0.0, Connector::Snap, 2.0);
        $soft = $this->finding($this->report($mono, $deep), RigCheck::HookSet);
        // 9 N × 0.26 / 45 N = 5.2 cm for each metre: 45 m take 2.3 m, and a sweep has 1.2.
        self::assertFalse($soft->good);
        self::assertSame('Braid, or shallower.', $soft->mend);
        self::assertTrue($this->finding($this->report($this->rig(), $deep), RigCheck::HookSet)->good);
    }

    public function test_how_far_down_and_how_far_out_are_both_told_whatever_way_is_fished(): void
    {
        $still = ['boatMs' => 0.0];
        $mono = new Rig(Line::of(Material::Monofilament, 45.0), null, 0.0, Connector::Snap, 2.0);
        $report = $this->report($mono, $still);
        // Still water, no belly: 1.2 m of sweep over 9 N × 0.26 / 45 N = 0.052 a metre, 23.08 m either way.
        self::assertEqualsWithDelta(23.08, $report->hooksDownM(), 0.02);
        self::assertEqualsWithDelta(23.08, $report->hooksOutM(), 0.02);
        $along = $this->report($mono, ['boatMs' => 0.15]);
        self::assertEqualsWithDelta(23.08, $along->hooksOutM(), 0.02, 'a flow along the cast takes nothing');
        $flowing = $this->report($mono, ['boatMs' => 0.15], runs: Runs::Across);
        self::assertLessThan(20.0, $flowing->hooksOutM(), 'a flow across the cast takes its share');
        self::assertNull($this->report($mono, ['depthM' => null])->hooksDownM());
    }

    public function test_a_thicker_line_says_how_many_weight_steps_it_costs(): void
    {
        $thin = $this->report($this->rig(Line::of(Material::Braid, 90.0, 0.00012)));
        $thick = $this->report($this->rig(Line::of(Material::Braid, 90.0, 0.0005)));
        $least = static fn (float $mm): int => count(array_filter(
            WeightSteps::series(Species::Walleye),
            fn (float $kg): bool => ! VerticalLimits::isVertical(
                Body::of(Family::Blade, $kg), $thin->situation->with(lineDiameterM: $mm / 1000)->column ?? self::fail(),
            ),
        ));
        $steps = $least(0.5) - $least(0.12);
        self::assertGreaterThan(1, $steps);
        self::assertContains("costs {$steps} weight steps", (new RigTrades($thick, $thin))->words());
        self::assertContains("saves {$steps} weight steps", (new RigTrades($thin, $thick))->words());
        self::assertSame([], preg_grep('/weight step/', (new RigTrades($thin, $thin))->words()));
    }

    public function test_a_measured_start_scales_what_is_reckoned_for_other_lines_too(): void
    {
        $plain = $this->report($this->rig());
        $report = new RigReport($plain->situation, $plain->candidate, $plain->rig, startFactor: 2.0);
        self::assertEqualsWithDelta(2 * $plain->lost?->lostM, $report->lost?->lostM, 1e-12);
        self::assertEqualsWithDelta(2 * $plain->startWith(0.02, 0.0003)?->lostM, $report->startWith(0.02, 0.0003)?->lostM, 1e-12);
        self::assertEqualsWithDelta(2 * $plain->lost?->bellyM, $report->on($plain->rig)->lost?->bellyM, 1e-12, 'on another rig too');
        self::assertStringEndsWith('by the tip travel that you measured.', $this->finding($report, RigCheck::Start)->says);
    }

    public function test_what_was_not_read_is_asked_for_and_the_rest_is_told(): void
    {
        $report = $this->report($this->rig(), ['depthM' => null]);

        self::assertNull($report->lost);
        self::assertSame('–', $report->starts());
        foreach ([RigCheck::Start, RigCheck::HookSet, RigCheck::Weight] as $check) {
            self::assertNull($this->finding($report, $check)->good);
            self::assertStringStartsWith('Read depth and drift', $this->finding($report, $check)->says);
        }
        self::assertStringStartsWith('Read the air', $this->finding($report, RigCheck::Icing)->says);
        self::assertStringStartsWith('Nothing to mend so far.', $this->headline($report));
    }

    public function test_at_the_end_of_a_cast_stretch_and_a_flow_across_take_their_share(): void
    {
        // 14.2 g of blade weigh W; the line lies with W/2 on it, the lift pulls W + ½ρ c A v²; in still water there is no belly.
        $still = WaterColumn::of(8.0, 0.0002, Flow::still(), Water::of(4.0));
        $body = Body::of(Family::Blade, 0.0142);
        $lost = LostLift::ofCast($body, $still, 25.0, 90.0, 0.035, 0.5);
        $weight = $body->netWeightN($still->water);
        self::assertSame(0.0, $lost->bellyM);
        self::assertEqualsWithDelta($weight / 2, $lost->tensionRestN, 1e-12);
        self::assertEqualsWithDelta(25.0 * ($lost->tensionLiftN - $weight / 2) * 0.035 / 90.0, $lost->stretchM, 1e-12);
        self::assertGreaterThan($weight, $lost->tensionLiftN);
        // q² L³/24 · (1/T₀² − 1/T₁²): eight times for twice the line.
        $flowing = $still->with(Flow::of(0.2, 0.0, Profile::Uniform));
        $near = LostLift::ofCast($body, $flowing, 15.0, 90.0, 0.035, 0.5)->bellyM;
        self::assertEqualsWithDelta(8 * $near, LostLift::ofCast($body, $flowing, 30.0, 90.0, 0.035, 0.5)->bellyM, 1e-9);
        $q = $flowing->dragPerM * 0.04;
        self::assertEqualsWithDelta(
            $q ** 2 * 15.0 ** 3 / 24 * (1 / $lost->tensionRestN ** 2 - 1 / $lost->tensionLiftN ** 2), $near, 1e-9,
        );
        $this->expectException(InvalidInput::class);
        LostLift::ofCast($body, $still, 7.9, 90.0, 0.035, 0.5);
    }

    public function test_a_caster_is_told_of_the_end_of_the_cast_without_a_drift(): void
    {
        $report = $this->report($this->rig(), ['boatMs' => null, 'currentMs' => null], how: FishingMode::Cast);

        self::assertStringStartsWith("26\u{A0}m out you lose", $this->finding($report, RigCheck::Start)->says);
        self::assertStringStartsWith("26\u{A0}m out the hookset uses", $this->finding($report, RigCheck::HookSet)->says);
        // A splash 25 m out and 8 m of water: 26.2 m of line.
        self::assertEqualsWithDelta(hypot(25.0, 8.0), $report->lineOutM(), 1e-9);
        $soft = $report->on(new Rig(Line::of(Material::Monofilament, 40.0), null, 0.0, Connector::Snap, 2.0));
        // 9 N × 0.26 / 40 N = 5.85 cm a metre: 26.2 m take 1.54 m of a sweep of 1.2, which lasts for 20.5 m.
        self::assertFalse($this->finding($soft, RigCheck::HookSet)->good);
        self::assertEqualsWithDelta(1.2 / 0.0585, $soft->hooksToM() ?? 0.0, 0.01);
        self::assertStringContainsString("hooksets reach 21\u{A0}m out", $this->finding($soft, RigCheck::HookSet)->says);
        self::assertStringStartsWith('One thing to mend: soft hooksets.', $this->headline($soft));
        self::assertNotContains(RigCheck::Weight, array_column((new RigChecks($report))->findings(), 'check'));
        self::assertStringStartsWith('Read the depth', $this->finding(
            $this->report($this->rig(), ['depthM' => null], how: FishingMode::Cast), RigCheck::Start,
        )->says);
    }

    public function test_a_long_cast_across_a_flow_neither_starts_nor_hooks(): void
    {
        $report = $this->report($this->rig(), ['currentMs' => 0.13, 'boatMs' => 0.0], how: FishingMode::Cast, runs: Runs::Across);
        $start = $this->finding($report, RigCheck::Start);

        self::assertSame([false, 'the whole lift'], [$start->good, $report->starts()]);
        self::assertStringEndsWith('altogether.', $start->says);
        self::assertStringStartsWith('2 things to mend: lost lift and soft hooksets. Drag ', $this->headline($report));
        self::assertSame(
            'Keep the line straighter, or a shorter cast.', $this->finding($report, RigCheck::HookSet)->mend,
        );
        // The belly grows with the cube of the line: a shorter cast hooks, and where it does no more the sweep is just used up.
        $to = $report->hooksToM();
        self::assertNotNull($to);
        self::assertGreaterThan(3.0, $to);
        self::assertLessThan(25.0, $to);
        $slower = $this->report($this->rig(), ['currentMs' => 0.065, 'boatMs' => 0.0], how: FishingMode::Cast, runs: Runs::Across);
        self::assertGreaterThan($to, $slower->hooksToM());
        $cast = $this->report($this->rig(), ['currentMs' => 0.0], how: FishingMode::Cast);
        self::assertTrue($this->finding($cast, RigCheck::HookSet)->good);
    }

    public function test_braid_ices_below_freezing_and_only_there(): void
    {
        $straight = new Rig(Line::of(Material::Fluorocarbon, 53.0), null, 0.0, Connector::Ring, 2.0);

        self::assertFalse($this->finding($this->report($this->rig(), airC: -0.5), RigCheck::Icing)->good);
        self::assertStringStartsWith('One thing to mend: icing.', $this->headline($this->report($this->rig(), airC: -0.5)));
        self::assertTrue($this->finding($this->report($this->rig(), airC: 0.0), RigCheck::Icing)->good);
        self::assertTrue($this->finding($this->report($straight, airC: -5.0), RigCheck::Icing)->good);
    }

    public function test_every_cause_of_fouling_counts_by_itself(): void
    {
        $stiff = new Rig(Line::of(Material::Braid, 90.0), Line::of(Material::Fluorocarbon, 75.0), 1.5, Connector::Direct, 2.0);
        $limp = $stiff->with(leader: Line::of(Material::Fluorocarbon, 36.0));
        $good = new Hooks(8, 6);
        $none = Fouling::of($stiff, $good, false, 0.3, false);
        self::assertSame([], $none);
        self::assertSame(0.0, Fouling::score($none));
        foreach ([
            [Fouling::BellyHook, Fouling::of($stiff, new Hooks(6, 6), false, 0.3, false)],
            [Fouling::LimpLeader, Fouling::of($limp, $good, false, 0.3, false)],
            [Fouling::SlackFall, Fouling::of($stiff, $good, true, 0.3, false)],
            [Fouling::WorkedHardDirect, Fouling::of($stiff, $good, false, 0.6, false)],
            [Fouling::Cast, Fouling::of($stiff, $good, false, 0.3, true)],
        ] as [$cause, $found]) {
            self::assertSame([$cause], $found);
            self::assertGreaterThan(0.0, Fouling::score($found));
            self::assertNotSame('', $cause->says());
            self::assertNotSame('', $cause->cure());
        }
        $twelve = $stiff->with(leader: Line::of(Material::Fluorocarbon, 53.4));
        self::assertSame([], Fouling::of($twelve, $good, false, 0.3, false), '12 lb is no longer limp');
        self::assertSame([], Fouling::of($stiff->with(connector: Connector::Snap), $good, false, 0.9, false));
        self::assertSame([], Fouling::of($stiff, new Hooks(null, 6), false, 0.3, false), 'a hook that is not known is not blamed');
        self::assertSame(
            [Fouling::LimpLeader], Fouling::of($stiff->straight($stiff->line), $good, false, 0.3, false), 'braid to the lure is limp',
        );
    }

    public function test_rod_and_arm_lift_so_far_and_the_reel_does_the_rest(): void
    {
        // 2.1 m of rod and 1.1 m of arm: 3.2 m.
        self::assertEqualsWithDelta(3.2, $this->rig()->liftReachM(), 1e-9);
        self::assertStringContainsString('this cadence lifts', $this->finding($this->report($this->rig()), RigCheck::Reach)->says);
        $short = new Rig(Line::of(Material::Braid, 90.0), null, 0.0, Connector::Snap, 0.6);
        $says = $this->finding($this->report($short, cadence: Cadence::SteadyLift, family: Family::BladedSpoon), RigCheck::Reach)->says;
        self::assertStringContainsString('Reel the last', $says);
    }

    public function test_a_rod_is_told_with_the_length_that_is_usual_for_what_is_done(): void
    {
        $says = fn (
            float $rodM, FishingMode $how = FishingMode::Vertical, Cadence $cadence = Cadence::ShortPop, Family $family = Family::Blade,
        ): string => $this->finding(
            $this->report($this->rig()->with(rodM: $rodM), cadence: $cadence, family: $family, how: $how), RigCheck::Rod,
        )->says;
        self::assertStringContainsString('as usual for straight down', $says(1.9));
        self::assertStringContainsString('is usual for straight down: lifts and casts farther, feels less', $says(2.6));
        self::assertStringContainsString('is usual for a cast: more accurate, feels more, lifts less far', $says(1.9, FishingMode::Cast));
        self::assertStringContainsString('as usual for a cast', $says(2.1, FishingMode::Cast));
        self::assertStringContainsString(
            'as usual for the steady lift', $says(2.44, cadence: Cadence::SteadyLift, family: Family::BladedSpoon),
        );
        self::assertStringContainsString('is usual for the steady lift', $says(2.1, cadence: Cadence::SteadyLift, family: Family::Spoon));
    }

    public function test_a_reel_is_a_school_and_neither_is_a_thing_to_mend(): void
    {
        $reel = fn (Reel $reel, float $kg): Finding => $this->finding(
            $this->report($this->rig(), kg: $kg, schools: new Schools(reel: $reel)), RigCheck::Reel,
        );
        self::assertStringStartsWith('Spinning reel', $reel(Reel::Spinning, 0.0142)->says);
        self::assertStringContainsString('this light badly', $reel(Reel::Casting, 0.007)->says);
        self::assertStringNotContainsString('badly', $reel(Reel::Casting, 0.028)->says);
        self::assertTrue($reel(Reel::Casting, 0.007)->good);
        self::assertContains('wants a heavier lure', Reel::Casting->trades(0.0142));
        self::assertContains('at home with a lure this heavy', Reel::Casting->trades(Reel::HEAVY_KG));
        self::assertSame(Reel::Spinning, Reel::Casting->other());
        self::assertSame([2.44, 1.98], [RodLength::other(1.98), RodLength::other(2.44)]);
    }

    public function test_fish_are_swung_by_the_weaker_of_rod_and_chain(): void
    {
        // The chain holds 28.8 N, 2.94 kg; the rod lifts 1 kg: 1 / 1.5 = 0.67 kg.
        self::assertEqualsWithDelta(1 / 1.5, $this->rig()->swingsKg(), 1e-9);
        $strong = new Rig($this->rig()->line, $this->rig()->leader, 1.5, Connector::Snap, 2.1, 5.0);
        self::assertEqualsWithDelta(28.8 / 9.80665 / 1.5, $strong->swingsKg(), 1e-9);
    }

    public function test_a_leader_is_tied_anew_after_five_fish_and_snags(): void
    {
        $after = fn (int $worn): Finding => $this->finding($this->report($this->rig(), worn: $worn), RigCheck::Care);

        self::assertSame([true, ''], [$after(0)->good, $after(0)->mend]);
        self::assertStringStartsWith('One fish, snag or rock since', $after(1)->says);
        self::assertSame([true, ''], [$after(4)->good, $after(4)->mend]);
        self::assertSame([false, 'Cut it back and tie it again.'], [$after(5)->good, $after(5)->mend]);
        self::assertStringStartsWith('One thing to mend: worn leader.', $this->headline($this->report($this->rig(), worn: 5)));
    }

    public function test_cold_soft_lines_coil_and_spoons_twist_the_line(): void
    {
        $twist = fn (Rig $rig, Family $family, float $tempC = 4.0): Finding => $this->finding(
            $this->report($rig, ['tempC' => $tempC], family: $family), RigCheck::Twist,
        );
        $soft = new Rig(Line::of(Material::Monofilament, 45.0), null, 0.0, Connector::Snap, 2.0);
        $swivel = $this->rig()->with(connector: Connector::Swivel);

        self::assertStringStartsWith('Monofilament keeps the coils', $twist($soft, Family::Blade, 8.0)->says);
        self::assertSame('Nothing twists this line.', $twist($soft, Family::Blade, 8.1)->says);
        self::assertSame('Nothing twists this line.', $twist($this->rig(), Family::Blade)->says);
        self::assertStringStartsWith('A spoon spins', $twist($this->rig(), Family::Spoon)->says);
        self::assertSame('Nothing twists this line.', $twist($swivel, Family::Spoon)->says);
        self::assertSame('A ring or a snap.', $twist($swivel, Family::TailSpinner)->mend);
    }

    public function test_a_heavy_spoon_is_easily_thrown_and_hooks_are_told_beside_the_usual(): void
    {
        $landing = fn (Family $family, float $kg): string => $this->finding(
            $this->report($this->rig(), family: $family, kg: $kg), RigCheck::Landing,
        )->says;

        self::assertStringContainsString('easily thrown', $landing(Family::Spoon, 0.0213));
        self::assertStringNotContainsString('easily thrown', $landing(Family::Spoon, 0.0177));
        self::assertStringNotContainsString('easily thrown', $landing(Family::Blade, 0.0283));
        self::assertSame('Usual: front 8, rear 6.', $this->finding($this->report($this->rig()), RigCheck::Hooks)->says);
        self::assertSame(
            'On it: front 6 and rear 8. Usual: front 8, rear 6.',
            $this->finding($this->report($this->rig(), hooks: new Hooks(6, 8)), RigCheck::Hooks)->says,
        );
    }

    public function test_rings_loops_and_stingers_are_told_and_what_they_would_mend(): void
    {
        $hooked = fn (Hooks $hooks, Family $family, float $tempC = 2.0): Finding => $this->finding(
            $this->report($this->rig(), ['tempC' => $tempC], family: $family, hooks: $hooks), RigCheck::Hooks,
        );

        $rings = $hooked(new Hooks(8, 6, false), Family::Blade);
        self::assertStringStartsWith('On it: front 8 and rear 6, on split rings. Usual:', $rings->says);
        self::assertStringStartsWith('A braided loop', $rings->mend);
        self::assertSame('', $hooked(new Hooks(8, 6, true), Family::Blade)->mend);
        self::assertStringStartsWith('A single stinger', $hooked(new Hooks, Family::Spoon)->mend);
        self::assertSame('', $hooked(new Hooks, Family::Spoon, 12.0)->mend);
        $both = $hooked(new Hooks(null, 4, true, stinger: true, twoEnded: true), Family::Spoon);
        self::assertStringStartsWith(
            'On it: rear 4, on braided loops, with a stinger at the head, drilled for a second hook at the tail.', $both->says,
        );
        self::assertSame('', $both->mend);
        $landing = $this->finding(
            $this->report($this->rig(), family: Family::Spoon, kg: 0.0283, hooks: new Hooks(twoEnded: true)), RigCheck::Landing,
        );
        self::assertStringNotContainsString('easily thrown', $landing->says, 'two hooks hold it');
    }

    public function test_another_school_is_weighed_against_this_one(): void
    {
        $report = $this->report($this->rig());
        $straight = $report->on($this->rig()->straight(Line::of(Material::Fluorocarbon, 53.4)));
        $trades = (new RigTrades($straight, $report))->words();

        self::assertContains('starts later', $trades);
        self::assertContains('hooks less deep', $trades);
        self::assertContains('fouls less', $trades);
        self::assertContains('ices less', $trades);
        self::assertSame([], (new RigTrades($report, $report))->words());
        self::assertContains('hooks deeper', (new RigTrades($report, $straight))->words());
    }

    public function test_a_usual_line_is_as_thick_as_its_strength_says(): void
    {
        // 20 lb (88.96 N) braid 0.20 mm, 12 lb (53.4 N) fluorocarbon 0.31 mm.
        self::assertEqualsWithDelta(0.00020, Line::of(Material::Braid, 88.96)->diameterM, 2e-6);
        self::assertEqualsWithDelta(0.00031, Line::of(Material::Fluorocarbon, 53.4)->diameterM, 2e-6);
        self::assertSame(0.00025, Line::of(Material::Braid, 88.96, 0.00025)->diameterM);
        $this->expectException(InvalidInput::class);
        Line::of(Material::Braid, 90.0, 0.01);
    }

    private function rig(?Line $line = null): Rig
    {
        return new Rig($line ?? Line::of(Material::Braid, 90.0, 0.0002), Line::of(Material::Fluorocarbon, 36.0), 1.5, Connector::Snap, 2.1);
    }

    /** @param  array<string, float|null>  $water */
    private function report(
        Rig $rig,
        array $water = [],
        ?float $airC = null,
        Cadence $cadence = Cadence::ShortPop,
        Family $family = Family::Blade,
        float $kg = 0.0142,
        Hooks $hooks = new Hooks,
        int $worn = 0,
        FishingMode $how = FishingMode::Vertical,
        ?Runs $runs = null,
        Schools $schools = new Schools,
    ): RigReport {
        $conditions = (new Conditions(tempC: 4.0, depthM: 8.0, currentMs: 0.0, boatMs: 0.1))->with(...$water);
        $situation = new Situation($conditions, new Aim(Species::Walleye, $how, runs: $runs), $schools, 0.0002, UnitSet::metric());
        $lure = Lure::of('a', $family, $kg, 'gold');

        return new RigReport(
            situation: $situation,
            candidate: Chooser::hung($situation, $lure, null)->worked($cadence),
            rig: $rig,
            hooks: $hooks,
            airC: $airC,
            worn: $worn,
        );
    }

    private function headline(RigReport $report): string
    {
        return RigHeadline::of($report, (new RigChecks($report))->findings());
    }

    private function finding(RigReport $report, RigCheck $check): Finding
    {
        foreach ((new RigChecks($report))->findings() as $finding) {
            if ($finding->check === $check) {
                return $finding;
            }
        }
        self::fail("{$check->value} is not told");
    }
}
