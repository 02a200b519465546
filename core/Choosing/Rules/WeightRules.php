<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rules;

use Eskith\Core\Care\Species;
use Eskith\Core\Choosing\Reading;
use Eskith\Core\Choosing\Rule;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Choosing\Subjects\HangFacts;
use Eskith\Core\Choosing\Subjects\WeightFacts;
use Eskith\Core\Choosing\Verdict;
use Eskith\Core\Choosing\WeightSteps;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Mass;
use Eskith\Core\Tackle\Proportions;
use Eskith\Core\Units\Constants;
use Eskith\Core\Water\Bottom;
use Eskith\Core\Words\Words;

/** Which weight. */
final class WeightRules
{
    /** Below this nobody sees a line lean. */
    private const HARDLY_LEANS_DEG = 2.0;

    /** kg: the half-ounce class. */
    private const USUAL_KG = [0.012, 0.016];

    /** @return list<Rule> */
    public static function all(): array
    {
        return [
            Rule::ofLeaning('W1', 'Straight down has to be straight down.', [Reading::Depth, Reading::Drift], 4,
                self::straightDown(...)),
            Rule::ofWeight('W2', 'Every step from the working weight counts against a lure.', [], 1,
                self::stepsAway(...), 'step'),
            Rule::ofWeight('W3', 'Casting over rock, go lighter.', [Reading::Bottom], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => match (self::overRock($s, $lure)) {
                    -1 => Verdict::of(-1, 'Casting over rock: {mass} dives between the stones.', mass: $s->say->weight($lure->massKg)),
                    1 => Verdict::of(1, 'Casting over rock: {mass} rides over it.', mass: $s->say->weight($lure->massKg)),
                    default => null,
                }),
            Rule::ofWeight('W4', 'A light lure does not cast into wind.', [Reading::Wind], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => ! $s->vertical()
                    && $s->blows()
                    && ! Mass::atLeast($lure->massKg, 3 / 8 * Constants::OUNCE_KG)
                    ? Verdict::of(-1, '{wind} of wind: too light to cast well.', wind: $s->say->speed((float) $s->water->windMs))
                    : null),
            Rule::ofFalling('W5', 'Too much time sinking.', [Reading::Depth], 1,
                static fn (Situation $s, HangFacts $hung): ?Verdict => $hung->secondsToBottom > 15 && ! $s->aim->marksBelow
                    ? Verdict::of(
                        -1,
                        $s->onBottom()
                            ? '{seconds} to bottom at {depth}: much time lost sinking.'
                            : '{seconds} to fish at {depth}: much time lost sinking.',
                        seconds: $s->say->seconds($hung->secondsToBottom), depth: $s->say->depth((float) $s->workedM()),
                    )
                    : null),
            Rule::ofLeaning('W6', 'For walleye and bass on the bottom the half-ounce class is the first choice.', [], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $s->onBottom() && in_array(
                    $s->aim->species, [Species::Walleye, Species::Sauger, Species::Smallmouth, Species::Largemouth], true,
                )
                    && self::halfOunceClass($lure) && ! self::weightCountsAgainst($s, $lure)
                    ? Verdict::of(
                        1, '{mass}: the first choice for {species}.',
                        mass: $s->say->weight($lure->massKg), species: $s->aim->species->word(),
                    )
                    : null),
            Rule::ofWeight('W8', 'On a wall the half-ounce tail spinner is the usual one.', [Reading::Wall], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $lure->family === Family::TailSpinner
                    && $s->water->wall === true
                    && self::halfOunceClass($lure)
                    ? Verdict::of(1, 'On a wall {mass} is the usual tail spinner.', mass: $s->say->weight($lure->massKg))
                    : null),
            // Nobody is asked for it: it is silent until somebody says it.
            Rule::ofWeight('W9', 'A lure about as long as the forage.', [], 1, self::likeTheForage(...)),
        ];
    }

    /** A lure grows longer with its weight: which side of the working weight is as long as what fish eat. */
    private static function likeTheForage(Situation $s, WeightFacts $lure): ?Verdict
    {
        $forage = $s->water->forageSize;
        if ($forage === null) {
            return null;
        }
        $side = WeightSteps::index($lure->massKg, $s->aim->species) <=> WeightSteps::index($lure->workingKg, $s->aim->species);
        $long = $s->say->lift(Proportions::size($lure->family, $lure->massKg)->x / 1000);

        return match (true) {
            $side === $forage->side() => Verdict::of(
                1, 'Forage {forage}: this one, about {long}, is nearest.', forage: $forage->word(), long: $long,
            ),
            $side === -$forage->side() => Verdict::of(
                -1, 'Forage {forage}: this one, about {long}, is farther off.', forage: $forage->word(), long: $long,
            ),
            default => null,
        };
    }

    private static function straightDown(Situation $s, WeightFacts $lure): ?Verdict
    {
        if (! $s->vertical()) {
            return null;
        }
        $lean = $lure->leanDeg();
        $flow = $s->say->speed((float) $s->flowMs);
        if ($lure->lineAngleDeg === null) {
            return Verdict::of(
                -4, $s->onBottom()
                    ? 'At {flow} past {passed} it never reaches bottom.'
                    : 'At {flow} past {passed} it never reaches the fish.',
                flow: $flow, passed: $s->passed(),
            );
        }

        $inGusts = $lure->gustLeanDeg();

        return match (true) {
            $lean <= Constants::VERTICAL_LIMIT_DEG && $inGusts > Constants::DRAGS_LIMIT_DEG => Verdict::of(
                -1, $lure->gustAngleDeg === null
                    ? 'Leans {lean} at {flow}, trails in gusts: lifts drag.'
                    : 'Leans {lean} at {flow}, {gust} in gusts: lifts drag.',
                lean: $s->say->angle($lean), flow: $flow, gust: $s->say->angle($inGusts),
            ),
            $lean < self::HARDLY_LEANS_DEG => Verdict::of(2, 'Hardly any flow: it hangs straight down.'),
            $lean <= Constants::VERTICAL_LIMIT_DEG => Verdict::of(
                2, 'Line leans {lean} at {flow}: straight down.', lean: $s->say->angle($lean), flow: $flow,
            ),
            $lean <= Constants::DRAGS_LIMIT_DEG => Verdict::of(
                -1, 'Line leans {lean} at {flow}: lifts drag a little.', lean: $s->say->angle($lean), flow: $flow,
            ),
            default => Verdict::of(
                -4, 'Line leans {lean} at {flow}: lifts drag it sideways.', lean: $s->say->angle($lean), flow: $flow,
            ),
        };
    }

    private static function stepsAway(Situation $s, WeightFacts $lure): ?Verdict
    {
        $step = WeightSteps::index($lure->massKg, $s->aim->species) - WeightSteps::index($lure->workingKg, $s->aim->species);
        $counted = abs($step) - (int) ($step < 0 && $s->suspended());
        if ($counted <= 0) {
            return null;
        }
        $side = $step < 0 ? 'lighter' : 'heavier';
        $count = abs($step) === 1 ? 'One step' : Words::of('{step} steps', step: abs($step));

        return Verdict::of(
            -$counted, '{count} {side} than the {working} {askedFor}.',
            count: $count, side: $side, working: $s->say->weight($lure->workingKg), askedFor: self::askedFor($s, $lure),
        );
    }

    /** What makes the working weight what it is. */
    private static function askedFor(Situation $s, WeightFacts $lure): string
    {
        $start = WeightSteps::startKg($s->aim);
        $sought = $s->suspended() && $s->aim->species !== Species::Bream
            ? Words::of('suspended {species}', species: $s->aim->species->word())
            : $s->aim->species->word();

        return Mass::same($lure->workingKg, $start)
            ? Words::of('to start with for {sought}', sought: $sought)
            : Words::of(
                'needed at {depth} with {flow} past {passed}',
                depth: $s->say->depth((float) $s->workedM()), flow: $s->say->speed((float) $s->flowMs), passed: $s->passed(),
            );
    }

    /** 1 for, −1 against, 0 when the rule does not speak. */
    private static function overRock(Situation $s, WeightFacts $lure): int
    {
        if ($s->vertical() || ! $s->onBottom() || $s->water->bottom !== Bottom::Rock) {
            return 0;
        }

        return $lure->atMost(1 / 2 * Constants::OUNCE_KG) ? 1 : ($lure->atMost(5 / 8 * Constants::OUNCE_KG) ? 0 : -1);
    }

    private static function weightCountsAgainst(Situation $s, WeightFacts $lure): bool
    {
        $leans = $s->vertical() && $lure->angleKnown
            && ($lure->leanDeg() > Constants::VERTICAL_LIMIT_DEG || $lure->gustLeanDeg() > Constants::DRAGS_LIMIT_DEG);

        return $leans || self::overRock($s, $lure) < 0;
    }

    private static function halfOunceClass(WeightFacts $lure): bool
    {
        return Mass::atLeast($lure->massKg, self::USUAL_KG[0]) && $lure->atMost(self::USUAL_KG[1]);
    }
}
