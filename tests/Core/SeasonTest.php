<?php

declare(strict_types=1);

namespace Tests\Core;

use Eskith\Core\CommandLine\CommandLine;
use Eskith\Core\Record\Comparison;
use Eskith\Core\Record\ComparisonVerdict;
use Eskith\Core\Record\Factor;
use Eskith\Core\Record\Gaps;
use Eskith\Core\Record\Holdout;
use Eskith\Core\Record\Season;
use Eskith\Core\Record\SetupResult;
use PHPUnit\Framework\TestCase;

/** What may be said of a record: worked by hand where it can be. */
final class SeasonTest extends TestCase
{
    public function test_a_clear_difference_is_clear_and_turned_so_that_the_better_comes_first(): void
    {
        $season = new Season(self::days([
            [['front', 1, 2.0], ['middle', 6, 2.0]], [['front', 2, 2.0], ['middle', 7, 2.0]], [['front', 1, 1.5], ['middle', 5, 2.0]],
            [['front', 0, 2.0], ['middle', 4, 2.0]],
        ]));
        [$pair] = $season->comparisons(Factor::Hole);
        self::assertSame(['middle', 'front', ComparisonVerdict::Clear, 4], [
            $pair->more, $pair->less, $pair->standing, $pair->ratio->outings,
        ]);
        self::assertGreaterThan(1.0, $pair->ratio->low);
        self::assertEqualsWithDelta((22 / 8.0) / (4 / 7.5), $pair->raw, 1e-9);
        self::assertSame(['middle', 'front'], array_column($season->dots(Factor::Hole), 'level'), 'the highest first');
        self::assertGreaterThan(0.95, $season->dots(Factor::Hole)[0]->best);
    }

    public function test_what_only_the_day_makes_vanishes_and_what_is_thin_says_nothing(): void
    {
        $days = [];
        for ($i = 0; $i < 4; $i++) {
            // Gold on good days, silver on poor ones: alike within each.
            $days[] = $i % 2 === 0 ? [['gold', 12, 3.0], ['silver', 2, 0.5]] : [['gold', 0, 0.5], ['silver', 1, 3.0]];
        }
        $pair = (new Season(self::days($days, 'finish')))->comparisons(Factor::Finish)[0];
        self::assertSame(ComparisonVerdict::Vanishes, $pair->standing);
        self::assertGreaterThan(1.5, max($pair->raw, 1 / $pair->raw));
        $thin = (new Season(self::days(array_slice($days, 0, 2), 'finish')))->comparisons(Factor::Finish)[0];
        self::assertSame(ComparisonVerdict::Thin, $thin->standing, 'two outings are no comparison');
        $few = array_fill(0, 4, [['gold', 3, 0.4], ['silver', 0, 0.4]]);
        $short = (new Season(self::days($few, 'finish')))->comparisons(Factor::Finish)[0];
        self::assertSame(ComparisonVerdict::Thin, $short->standing, 'nor is an hour and a half');
        self::assertSame([], (new Season(self::days([[['gold', 3, 2.0]], [['silver', 0, 2.0]]], 'finish')))->comparisons(Factor::Finish));
    }

    public function test_what_differed_with_it_is_named_and_what_did_not_is_not(): void
    {
        $always = $swapped = [];
        for ($i = 0; $i < 4; $i++) {
            foreach ([['middle', 6, 'A', 'A'], ['front', 1, 'B', 'B']] as $side => [$hole, $touches, $rod]) {
                $always[] = new SetupResult("o{$i}", ['hole' => $hole, 'rod' => $rod, 'finish' => 'white'], 2.0, $touches, 0, 0);
                $swapped[] = new SetupResult("o{$i}", ['hole' => $hole, 'rod' => ($i + $side) % 2 === 0 ? 'A' : 'B'], 2.0, $touches, 0, 0);
            }
        }
        self::assertSame([Factor::Rod], (new Season($always))->comparisons(Factor::Hole)[0]->companions);
        self::assertSame([], (new Season($swapped))->comparisons(Factor::Hole)[0]->companions);
    }

    public function test_outings_that_would_tell_grow_fewer_as_it_becomes_clear(): void
    {
        $pair = static fn (int $more, int $less): Comparison => (new Season(self::days(
            array_fill(0, 4, [['middle', $more, 2.0], ['front', $less, 2.0]]),
        )))->comparisons(Factor::Hole)[0];
        self::assertLessThanOrEqual($pair(4, 3)->outingsToTell() ?? 99, $pair(5, 3)->outingsToTell() ?? 99);
        self::assertNull($pair(4, 4)->outingsToTell(), 'what is alike is never told apart');
        self::assertSame(1, $pair(40, 4)->outingsToTell(), 'what is told apart already is so with one more');
    }

    public function test_stages_add_up_and_count_fouls_of_drops(): void
    {
        $season = new Season([
            new SetupResult('a', ['hang' => 'ring'], 1.0, 10, 6, 3, drops: 40, fouls: 2, seen: 9, refused: 7),
            new SetupResult('b', ['hang' => 'loop'], 1.0, 4, 4, 4, drops: 10, fouls: 0),
            new SetupResult('b', [], 1.0, 2, 0, 0, drops: 5, fouls: 1),
        ]);
        $all = $season->allStages();
        self::assertSame([16, 10, 7, 55, 3], [$all->touches, $all->hooked, $all->landed, $all->drops, $all->fouls]);
        self::assertEqualsWithDelta(11 / 18, $all->hookedShare->mean, 1e-9);
        // Of nine that were seen coming after it seven turned away: (1 + 7) of (2 + 9).
        self::assertSame([9, 7], [$all->seen, $all->refused]);
        self::assertEqualsWithDelta(8 / 11, $all->refusedShare->mean, 1e-9);
        self::assertSame(['ring', 'loop'], array_column($season->stages(Factor::Hang), 'level'));
        self::assertLessThan($season->stages(Factor::Hang)[1]->landedShare->q10, $season->stages(Factor::Hang)[0]->landedShare->mean);
    }

    public function test_gaps_are_between_groups_and_one_stays_after_the_last(): void
    {
        $gaps = Gaps::of([[[10.0, 14.0, 60.0, 70.0, 130.0], 150.0], [[5.0], 45.0], [[], 90.0]]);
        self::assertNotNull($gaps);
        self::assertSame([2, 46.0, 20.0], [$gaps->count, $gaps->usualMin, $gaps->stayedMin]);
        self::assertNull(Gaps::of([[[1.0, 5.0], 10.0]]));
        // Gaps of 20, 30 … 120 minutes: half are of 70 or less, four of five of 100 or less.
        $touches = [0.0];
        for ($gap = 20.0; $gap <= 120.0; $gap += 10.0) {
            $touches[] = $touches[count($touches) - 1] + $gap;
        }
        $many = Gaps::of([[$touches, end($touches) + 5.0]]);
        self::assertSame([11, 70.0, 100.0, 5.0], [$many?->count, $many?->usualMin, $many?->longMin, $many?->stayedMin]);
    }

    public function test_the_command_line_says_the_same(): void
    {
        $cases = '[{"outings":[{"touches_min":[70,10,14,130,60],"end_min":150},{"touches_min":[5],"end_min":45}]}]';
        $told = json_decode(CommandLine::run('gaps', $cases)[0], true)[0];
        self::assertEquals([2, 46, 20], [$told['gaps'], $told['usual_min'], $told['stayed_min']]);
        $told = json_decode(CommandLine::run('holdout', '[{"outings":[{"setups":[[3,1,4],[1,2,2],[2,1,0]]}]}]')[0], true)[0];
        self::assertSame([1, 3, 2], [$told['outings'], $told['pairs'], $told['right']]);
        $told = json_decode(CommandLine::run('stages', '[{"touches":16,"hooked":10,"landed":7}]')[0], true)[0];
        self::assertEqualsWithDelta(11 / 18, $told['hooked']['mean'], 1e-9);
        self::assertSame(1, CommandLine::run('stages', '[{"touches":1,"hooked":2,"landed":0}]')[2]);
    }

    public function test_a_choice_is_right_where_what_came_first_was_touched_more_within_the_same_outing(): void
    {
        $holdout = Holdout::of([
            [[3.0, 1.0, 4.0], [1.0, 2.0, 2.0], [2.0, 1.0, 0.0]],
            [[1.0, 1.0, 1.0], [1.0, 1.0, 5.0]], [[5.0, 0.1, 0.0], [1.0, 1.0, 9.0]], [[0.0, 1.0, 2.0]],
        ]);
        // Of the first: 3 over 1 right, 3 over 2 right, 2 over 1 wrong; the others are alike, too short, alone.
        self::assertSame([3, 2, 1], [$holdout->pairs, $holdout->right, $holdout->outings]);
        self::assertEqualsWithDelta(1 / 3, $holdout->correlation(), 1e-9);
        self::assertNull(Holdout::of([])->correlation());
    }

    /**
     * @param  list<list<array{string, int, float}>>  $days  of each: level, touches, hours
     * @return list<SetupResult>
     */
    private static function days(array $days, string $factor = 'hole'): array
    {
        $all = [];
        foreach ($days as $i => $setups) {
            foreach ($setups as [$level, $touches, $hours]) {
                $all[] = new SetupResult("outing {$i}", [$factor => $level], $hours, $touches, $touches, 0);
            }
        }

        return $all;
    }
}
