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
            Rule::ofWeight('W2', 'Every step away from the working weight counts against a lure.', [], 1,
                self::stepsAway(...), 'step'),
            Rule::ofWeight('W3', 'Casting over rock, go lighter.', [Reading::Bottom], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => match (self::overRock($s, $lure)) {
                    -1 => Verdict::of(-1, "Casting over rock: {$s->say->weight($lure->massKg)} dives between the stones."),
                    1 => Verdict::of(1, "Casting over rock: {$s->say->weight($lure->massKg)} rides over it."),
                    default => null,
                }),
            Rule::ofWeight('W4', 'A light lure does not cast into wind.', [Reading::Wind], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => ! $s->vertical()
                    && $s->blows()
                    && ! Mass::atLeast($lure->massKg, 3 / 8 * Constants::OUNCE_KG)
                    ? Verdict::of(-1, "{$s->say->speed((float) $s->water->windMs)} of wind: too light to cast well.")
                    : null),
            Rule::ofFalling('W5', 'Too much time sinking.', [Reading::Depth], 1,
                static fn (Situation $s, HangFacts $hung): ?Verdict => $hung->secondsToBottom > 15 && ! $s->aim->marksBelow
                    ? Verdict::of(
                        -1,
                        "{$s->say->seconds($hung->secondsToBottom)} down to ".($s->onBottom() ? 'the bottom' : 'the fish')
                            ." at {$s->say->depth((float) $s->workedM())}: much time lost sinking.",
                    )
                    : null),
            Rule::ofLeaning('W6', 'For walleye and bass on the bottom the half-ounce class is the first choice.', [], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $s->onBottom() && in_array(
                    $s->aim->species, [Species::Walleye, Species::Sauger, Species::Smallmouth, Species::Largemouth], true,
                )
                    && self::halfOunceClass($lure) && ! self::weightCountsAgainst($s, $lure)
                    ? Verdict::of(1, "{$s->say->weight($lure->massKg)}: the first choice for {$s->aim->species->word()}.")
                    : null),
            Rule::ofWeight('W8', 'On a wall the half-ounce tail spinner is the usual one.', [Reading::Wall], 1,
                static fn (Situation $s, WeightFacts $lure): ?Verdict => $lure->family === Family::TailSpinner
                    && $s->water->wall === true
                    && self::halfOunceClass($lure)
                    ? Verdict::of(1, "On a wall {$s->say->weight($lure->massKg)} is the usual tail spinner.")
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
            $side === $forage->side() => Verdict::of(1, "Forage {$forage->word()}: this one, {$long} long or so, is nearest to it."),
            $side === -$forage->side() => Verdict::of(-1, "Forage {$forage->word()}: this one, {$long} long or so, is farther from it."),
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
                -4, "At {$flow} past {$s->passed()} this one never reaches ".($s->onBottom() ? 'the bottom' : 'the fish').' below you.',
            );
        }

        $inGusts = $lure->gustLeanDeg();

        return match (true) {
            $lean <= Constants::VERTICAL_LIMIT_DEG && $inGusts > Constants::DRAGS_LIMIT_DEG => Verdict::of(
                -1, "Line leans {$s->say->angle($lean)} at {$flow}, but "
                    .($lure->gustAngleDeg === null ? 'trails' : $s->say->angle($inGusts)).' in the gusts: then each lift drags it.',
            ),
            $lean < self::HARDLY_LEANS_DEG => Verdict::of(2, 'Hardly any flow past the line: it hangs straight down.'),
            $lean <= Constants::VERTICAL_LIMIT_DEG => Verdict::of(2, "Line leans {$s->say->angle($lean)} at {$flow}: straight down."),
            $lean <= Constants::DRAGS_LIMIT_DEG => Verdict::of(
                -1, "Line leans {$s->say->angle($lean)} at {$flow}: each lift drags it a little.",
            ),
            default => Verdict::of(-4, "Line leans {$s->say->angle($lean)} at {$flow}: a lift drags it instead of raising it."),
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
        $count = abs($step) === 1 ? 'One step' : abs($step).' steps';

        return Verdict::of(-$counted, "{$count} {$side} than the {$s->say->weight($lure->workingKg)} ".self::askedFor($s, $lure).'.');
    }

    /** What makes the working weight what it is. */
    private static function askedFor(Situation $s, WeightFacts $lure): string
    {
        $start = WeightSteps::startKg($s->aim);
        $sought = $s->suspended() && $s->aim->species !== Species::Bream
            ? "suspended {$s->aim->species->word()}"
            : $s->aim->species->word();

        return Mass::same($lure->workingKg, $start)
            ? "to start with for {$sought}"
            : "needed at {$s->say->depth((float) $s->workedM())} with {$s->say->speed((float) $s->flowMs)} past {$s->passed()}";
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
