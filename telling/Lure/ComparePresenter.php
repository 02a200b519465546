<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Compare\Comparison;
use Eskith\Core\Choosing\Compare\Contrast;
use Eskith\Core\Choosing\Compare\Difference;
use Eskith\Core\Choosing\Expected;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Sensitivity\TippingWords;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Lure\CompareData;
use Eskith\Telling\Data\Lure\ContrastData;
use Eskith\Telling\Data\Water\GhostData;
use Eskith\Telling\Water\DropPresenter;

/** Puts two picks side by side: what sets them apart and how their drops differ; and says what would put one on top. */
final class ComparePresenter
{
    public static function of(RankedBox $rankedBox, Pick $first, Pick $second): CompareData
    {
        $names = new LureNames($rankedBox->situation->say);
        $comparison = Comparison::of($first, $second);
        $name = static fn (Pick $pick): string => $names->title($pick->candidate->lure).(
            $pick->candidate->hole() === null ? '' : ', '.$pick->candidate->hole()->name.' hole'
        );

        return new CompareData(
            firstKey: RankedBox::key($first),
            secondKey: RankedBox::key($second),
            firstTitle: $names->title($first->candidate->lure),
            secondTitle: $names->title($second->candidate->lure),
            firstPoints: Points::plain($first->points),
            secondPoints: Points::plain($second->points),
            verdict: self::verdict($comparison, $first, $second, $rankedBox->situation),
            contrasts: array_map(static fn (Contrast $contrast): ContrastData => new ContrastData(
                $contrast->rule, $contrast->lead(),
                $contrast->first === null ? null : PickPresenter::reason($contrast->first),
                $contrast->second === null ? null : PickPresenter::reason($contrast->second),
            ), $comparison->contrasts),
            alike: $comparison->alike === 0.0 ? '' : Words::of(
                '{points} from rules that count the same for both.', points: Points::signed($comparison->alike),
            ),
            ghost: new GhostData(
                $name($second), Drawing::of($rankedBox->row($second->candidate->lure), $second->candidate->lure),
                $second->candidate->holeIndex,
                DropPresenter::of($second->candidate, $rankedBox->situation),
                Difference::words($first->candidate, $rankedBox->situation, $second->candidate, $rankedBox->situation),
            ),
        );
    }

    private static function verdict(Comparison $comparison, Pick $first, Pick $second, Situation $situation): string
    {
        $names = new LureNames($situation->say);
        $same = $first->candidate->lure->id === $second->candidate->lure->id;
        $of = static fn (Pick $pick): string => $same ? $names->way($pick->candidate, $situation) : $names->lure($pick->candidate->lure);
        if ($comparison->lead === 0.0) {
            return Words::of('The {first} and the {second} are even.', first: $of($first), second: $of($second));
        }
        [$ahead, $behind] = $comparison->lead > 0 ? [$first, $second] : [$second, $first];
        $times = Expected::times(abs($comparison->lead));
        $points = Points::plain(abs($comparison->lead));

        return Words::of(
            $times >= 1.15
                ? 'The {ahead} leads the {behind} by {points|# point|# points}: about {times}× the bites, by the rules.'
                : 'The {ahead} leads the {behind} by {points|# point|# points}: hardly more bites, by the rules.',
            ahead: $of($ahead), behind: $of($behind), points: $points, times: number_format($times, 1),
        );
    }

    /**
     * @return list<string> the readings that, moved by themselves, put this lure on top: slower than the comparison, and asked
     * by itself
     */
    public static function onTop(RankedBox $rankedBox, Pick $pick): array
    {
        $top = $rankedBox->ranked[0]->candidate->lure;
        if ($top->id === $pick->candidate->lure->id) {
            return [];
        }
        $tipping = $rankedBox->sensitivity();
        $words = new TippingWords($rankedBox->situation);
        $said = [];
        foreach (Reading::used() as $reading) {
            foreach ($tipping->towards($reading, $pick->candidate->lure) as $tip) {
                $said[] = $words->where($tip);
            }
        }

        return $said;
    }
}
