<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\Counts;
use Eskith\Core\Choosing\Chooser;
use Eskith\Core\Choosing\Compare\Comparison;
use Eskith\Core\Choosing\Compare\Contrast;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\RuleBook;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Lure;

/** Two picks side by side, the ladder below one, and its cadence in counts. */
final class ComparisonTest extends RuleTestCase
{
    public function test_points_that_differ_and_points_alike_make_up_the_sum(): void
    {
        $ranked = $this->ranked();
        foreach ($ranked as $first) {
            foreach (array_slice($ranked, 0, 6) as $second) {
                $comparison = Comparison::of($first, $second);
                $apart = array_map(static fn (Contrast $contrast): float => $contrast->first->points ?? 0.0, $comparison->contrasts);
                self::assertEqualsWithDelta($first->points, $comparison->alike + array_sum($apart), 1e-9);
                self::assertEqualsWithDelta(
                    $comparison->lead,
                    array_sum(array_map(static fn (Contrast $contrast): float => $contrast->lead(), $comparison->contrasts)),
                    1e-9,
                );
                self::assertEqualsWithDelta(-$comparison->lead, Comparison::of($second, $first)->lead, 1e-9);
                $rules = array_map(static fn (Contrast $contrast): string => $contrast->rule, $comparison->contrasts);
                self::assertSame($rules, array_unique($rules));
                $sizes = array_map(static fn (Contrast $contrast): float => abs($contrast->lead()), $comparison->contrasts);
                $sorted = $sizes;
                rsort($sorted);
                self::assertSame($sorted, $sizes, 'the weightiest first');
            }
        }
    }

    public function test_finish_alone_sets_two_of_a_kind_apart(): void
    {
        $situation = $this->situation(['light' => 'dim', 'temp' => 4.0]);
        $ranked = (new Chooser(RuleBook::standard()))->rank(
            $situation,
            [Lure::of('white', Family::Blade, 0.0142, 'white'), Lure::of('chart', Family::Blade, 0.0142, 'chartreuse')],
        );
        $best = static fn (string $id): Pick => array_values(
            array_filter($ranked, static fn (Pick $pick): bool => $pick->candidate->lure->id === $id),
        )[0];
        $comparison = Comparison::of($best('white'), $best('chart'));

        self::assertCount(1, $comparison->contrasts);
        self::assertSame(['C3', 1.0], [$comparison->contrasts[0]->rule, $comparison->contrasts[0]->lead()]);
        self::assertStringContainsString('bigger shape', (string) $comparison->contrasts[0]->first?->text);
        self::assertStringContainsString('second to white', (string) $comparison->contrasts[0]->second?->text);
    }

    public function test_a_cadence_is_counted_at_one_a_second(): void
    {
        $words = static fn (Cadence $cadence, float $sink): ?string => Counts::of($cadence->steps(), $sink)?->words();
        self::assertSame('up quick, down 1, wait 2', $words(Cadence::LowHop, 0.8));
        self::assertSame('up 6, down 5, wait 1', $words(Cadence::SteadyLift, 0.7));
        self::assertSame('up 1, down 1, wait 1', $words(Cadence::HighPop, 0.8));
        self::assertSame('up quick, down 1, wait 20', $words(Cadence::DeadStick, 0.8));
        self::assertSame('up 1, down 1, no wait', $words(Cadence::Float, 0.4));
        self::assertNull($words(Cadence::SlowRoll, 0.8), 'not lifted, not counted');
        self::assertNull($words(Cadence::LowHop, 0.0));
    }

    /** @return list<Pick> */
    private function ranked(): array
    {
        $box = [
            Lure::of('a', Family::Blade, 0.0142, 'white', true), Lure::of('b', Family::Blade, 0.0142, 'gold'),
            Lure::of('c', Family::Blade, 0.0213, 'white'), Lure::of('d', Family::Spoon, 0.0142, 'silver'),
        ];

        return (new Chooser(RuleBook::standard()))->rank(
            $this->situation(['temp' => 4.0, 'light' => 'dim', 'boat' => 0.13, 'bottom' => 'rock']), $box,
        );
    }
}
