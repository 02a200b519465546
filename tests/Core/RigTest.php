<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\Chain;
use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Rig\Part;
use Eskith\Core\Rig\Segment;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Water;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RigTest extends TestCase
{
    /** @return iterable<string, array{string, float}> verb and tolerance of lengths and times */
    public static function verbs(): iterable
    {
        yield 'chain' => ['chain', 0.0];
        yield 'hookset' => ['hookset', 0.002];
        yield 'cycle' => ['cycle', 0.002];
        yield 'hops' => ['hops', 0.002];
    }

    #[DataProvider('verbs')]
    public function test_the_worked_cases(string $verb, float $tolerance): void
    {
        $cases = Cases::file('work-cases')[$verb];
        $answers = Cases::ask($verb, array_column($cases, 'case'));
        foreach ($cases as $i => ['expect' => $expect]) {
            self::assertSame(array_keys($expect), array_keys($answers[$i]));
            foreach ($expect as $name => $value) {
                $answer = $answers[$i][$name];
                is_float($value)
                    ? self::assertEqualsWithDelta($value, $answer, max($tolerance, 0.002 * abs($value)), "{$verb} {$i}: {$name}")
                    : self::assertSame($value, $answer, "{$verb} {$i}: {$name}");
            }
        }
    }

    public function test_what_a_lift_loses_by_measure_is_so_many_times_what_was_reckoned(): void
    {
        $column = WaterColumn::of(8.0, 0.0002, Flow::of(0.0, 0.3, Profile::Uniform), Water::of(6));
        $lost = LostLift::of(Body::of(Family::Blade, 0.0142), $column, 90.0, 0.035, 0.8);
        $measured = $lost->times(1.5);
        self::assertGreaterThan(0.0, $lost->bellyM);
        self::assertEqualsWithDelta($lost->bellyM + $lost->stretchM, $lost->lostM, 1e-12);
        foreach (['bellyM', 'stretchM', 'lostM'] as $part) {
            self::assertEqualsWithDelta(1.5 * $lost->{$part}, $measured->{$part}, 1e-12, $part);
        }
        self::assertSame([$lost->tensionRestN, $lost->tensionLiftN], [$measured->tensionRestN, $measured->tensionLiftN]);
    }

    public function test_a_chain_holds_what_its_weakest_part_holds(): void
    {
        // 40 N × 0.8 = 32 N is less than 35 N without a knot; the drag at a quarter of it is 8 N.
        $chain = Chain::of([Part::of('line', 90.0), Part::of('leader', 40.0, true), Part::of('ring', 35.0)]);

        self::assertSame('leader', $chain->weakest->name);
        self::assertEqualsWithDelta(32.0, $chain->holdsN, 1e-9);
        self::assertEqualsWithDelta(8.0, $chain->dragN(), 1e-9);
        self::assertSame('first', Chain::of([Part::of('first', 32.0), Part::of('second', 40.0, true)])->weakest->name);
    }

    public function test_a_sweep_reaches_until_stretch_and_belly_take_all_of_it(): void
    {
        // Braid: 9 × 0.035 / 90 = 3.5 mm for each metre; leader: 1.5 m × 9 × 0.22 / 36 = 82.5 mm.
        $leader = Segment::of(1.5, 36.0, 0.22);
        $set = HookSet::of([Segment::of(10.0, 90.0, 0.035), $leader], 0.2);
        self::assertEqualsWithDelta(0.035 + 0.0825, $set->stretchM, 1e-9);
        self::assertEqualsWithDelta(0.3175, $set->neededM, 1e-9);
        self::assertTrue($set->reaches);
        // 1.2 − 0.2 − 0.0825 = 0.9175 m are left for the braid: 262 m of it.
        self::assertEqualsWithDelta(0.9175 / 0.0035, $set->farthestM, 1e-6);
        self::assertTrue(HookSet::of([Segment::of($set->farthestM - 0.01, 90.0, 0.035), $leader], 0.2)->reaches);
        self::assertFalse(HookSet::of([Segment::of($set->farthestM + 0.01, 90.0, 0.035), $leader], 0.2)->reaches);
        self::assertSame(0.0, HookSet::of([Segment::of(10.0, 90.0, 0.035), $leader], 1.3)->farthestM);
    }

    public function test_longer_line_never_needs_less_sweep_and_a_stronger_part_never_lowers_the_chain(): void
    {
        $random = new Randomizer(new Mt19937(12));
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * $random->getInt(0, 10_000) / 10_000;
        for ($i = 0; $i < 300; $i++) {
            $length = $between(0.5, 80.0);
            $break = $between(10.0, 200.0);
            $strain = [0.035, 0.22, 0.26][$random->getInt(0, 2)];
            $belly = $between(0.0, 1.0);
            $short = HookSet::of([Segment::of($length, $break, $strain)], $belly);
            $long = HookSet::of([Segment::of($length + $between(0.0, 20.0), $break, $strain)], $belly);
            self::assertGreaterThanOrEqual($short->neededM, $long->neededM);
            self::assertSame($short->neededM <= HookSet::SWEEP_M, $short->reaches);

            $parts = array_map(
                static fn (int $n): Part => Part::of("{$n}", $between(10.0, 200.0), $random->getInt(0, 1) === 1), range(1, 4),
            );
            $stronger = $parts;
            $stronger[1] = Part::of('1', $parts[1]->breakN * 1.1, $parts[1]->knotted);
            self::assertGreaterThanOrEqual(Chain::of($parts)->holdsN, Chain::of($stronger)->holdsN);
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'no parts' => ['chain', ['parts' => []], 'parts'];
        yield 'a part of no strength' => ['chain', ['parts' => [['name' => 'line', 'break_n' => 0]]], 'parts.0.break_n'];
        yield 'a part that is none' => ['chain', ['parts' => [7]], 'parts.0'];
        yield 'no line' => ['hookset', ['segments' => []], 'segments'];
        yield 'a leader of nothing' => [
            'hookset', ['segments' => [['length_m' => 0, 'break_n' => 40, 'strain_at_break' => 0.22]]], 'segments.0.length_m',
        ];
        yield 'a belly below nothing' => [
            'hookset', ['segments' => [['length_m' => 9, 'break_n' => 40, 'strain_at_break' => 0.22]], 'belly_m' => -0.1], 'belly_m',
        ];
        yield 'a sweep of nothing' => [
            'hookset', ['segments' => [['length_m' => 9, 'break_n' => 40, 'strain_at_break' => 0.22]], 'sweep_m' => 0], 'sweep_m',
        ];
        $cycle = [
            'family' => 'spoon', 'mass_kg' => 0.014, 'depth_m' => 8, 'line_d_m' => 0.0002, 'water_c' => 6, 'lift_m' => 0.5,
            'lift_s' => 0.5, 'pause_s' => 2, 'fall' => 'slack',
        ];
        yield 'a lift of nothing' => ['cycle', ['lift_m' => 0] + $cycle, 'lift_m'];
        yield 'a lift in less than no time' => ['cycle', ['lift_s' => -1] + $cycle, 'lift_s'];
        yield 'a lift above the water' => ['cycle', ['lift_m' => 8.5] + $cycle, 'lift'];
        yield 'a blade without its angle' => ['cycle', ['family' => 'blade'] + $cycle, 'hang_angle_deg'];
        yield 'hops let down some other way' => [
            'hops',
            ['line_m' => 20, 'depth_m' => 5, 'pull_m' => 0.5, 'fall' => 'free', 'seconds_per_hop' => 5, 'seconds_between' => 30], 'fall',
        ];
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('nonsense')]
    public function test_nonsense_is_refused_by_its_field(string $verb, array $case, string $field): void
    {
        $error = Cases::ask($verb, [$case], 1)[0]['error'];

        self::assertSame($field, $error['field']);
        self::assertMatchesRegularExpression('/^["A-Z].*\.$/u', $error['message']);
    }

    public function test_a_part_stronger_than_any_is_refused(): void
    {
        $this->expectException(InvalidInput::class);
        Part::of('line', 4448.0); // 1000 lb
    }
}
