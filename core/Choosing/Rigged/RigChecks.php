<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\Reel;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;

/**
 * Will this rig start, hold and hook here, and what breaks first: each check a sentence with its number and what would mend
 * it. What needs a reading that is missing says so.
 */
final readonly class RigChecks
{
    /** Share of a lift from which its loss is felt. */
    private const FELT = 0.25;

    public function __construct(private RigReport $report)
    {
    }

    /** @return list<Finding> in the order in which they are told */
    public function findings(): array
    {
        return array_map(fn (RigCheck $check): Finding => match ($check) {
            RigCheck::Start => $this->start(),
            RigCheck::HookSet => $this->hookSet(),
            RigCheck::Strength => $this->strength(),
            RigCheck::Fouling => $this->fouling(),
            RigCheck::Reach => $this->reach(),
            RigCheck::Rod => RodAndReel::rod($this->report),
            RigCheck::Reel => RodAndReel::reel($this->report),
            RigCheck::Icing => LineCare::icing($this->report),
            RigCheck::Twist => LineCare::twist($this->report),
            RigCheck::Landing => $this->landing(),
            RigCheck::Weight => $this->weight(),
            RigCheck::Hooks => $this->hooked(),
            RigCheck::Care => LineCare::wear($this->report),
        }, array_values(array_filter(RigCheck::cases(), fn (RigCheck $check): bool => $check->speaks($this->report->situation))));
    }

    private function start(): Finding
    {
        if ($this->report->out?->swept === true) {
            return new Finding(
                RigCheck::Start, false,
                Words::of(
                    '{where} the current sweeps line and lure along. It never lies still, and no pull starts it.',
                    where: $this->where(),
                ),
                'Cast shorter, or with or against the current. Or go thinner in line, or heavier.',
            );
        }
        if ($this->report->lost === null) {
            return $this->unread(RigCheck::Start, 'how much of a lift you lose');
        }
        $lift = $this->report->steps->liftM;
        $good = $this->report->lost->lostM <= self::FELT * $lift;

        return new Finding(
            RigCheck::Start, $good,
            $this->report->isAllLost($this->report->lost)
                ? Words::of(
                    '{where} the belly of the line takes a lift of {lift} altogether.',
                    where: $this->where(), lift: $this->report->situation->say->lift($lift),
                )
                : Words::of(
                    $this->report->startFactor === null
                        ? '{where} you lose {lost} of a lift of {lift}: {belly} belly and {stretch} stretch.'
                        : '{where} you lose {lost} of a lift of {lift}, by the tip travel that you measured.',
                    where: $this->where(), lost: $this->report->said($this->report->lost->lostM),
                    lift: $this->report->situation->say->lift($lift), belly: $this->report->said($this->report->lost->bellyM),
                    stretch: $this->report->said($this->report->lost->stretchM),
                ),
            match (true) {
                $good => '',
                $this->report->lost->bellyM > $this->report->lost->stretchM => $this->orShorter('A thinner line or a heavier lure'),
                default => 'A line that stretches less.',
            },
        );
    }

    private function hookSet(): Finding
    {
        if ($this->report->hookSet === null) {
            return $this->unread(RigCheck::HookSet, 'how far down a hook is driven home');
        }
        $needed = $this->report->said($this->report->hookSet->neededM);
        $sweep = $this->report->said(HookSet::SWEEP_M);

        return new Finding(
            RigCheck::HookSet, $this->report->hookSet->reaches,
            Words::of(
                '{where} the hookset uses {needed} of the {sweep} of a sweep; with this line {hooks}.',
                where: $this->where(), needed: $needed, sweep: $sweep, hooks: $this->report->hooks(),
            ),
            match (true) {
                $this->report->hookSet->reaches => '',
                $this->report->rig->line->material === Material::Braid => $this->orShorter('Keep the line straighter'),
                default => $this->report->situation->vertical() ? 'Braid, or shallower.' : 'Braid, or a shorter cast.',
            },
        );
    }

    private function strength(): Finding
    {
        $strength = $this->report->situation->say->units->strength;
        $opens = $this->report->rig->connector->typicalBreakN();

        return new Finding(
            RigCheck::Strength, true,
            Words::sentences(
                Words::of(
                    'The {weakest} breaks first, at {holds} (knots keep four fifths): drag at {drag}.',
                    weakest: $this->report->chain->weakest->name, holds: $this->report->holds(), drag: $this->report->drag(),
                ),
                $opens === null ? '' : Words::of(
                    '{connector} strength is assumed: {strength}.',
                    connector: $this->report->rig->connector->word(), strength: $strength->print($opens),
                ),
            ),
        );
    }

    private function fouling(): Finding
    {
        $causes = $this->report->fouls();
        $score = Fouling::score($causes);
        $often = match (true) {
            $score >= Fouling::OFTEN => 'Fouls often',
            $score >= Fouling::NOW_AND_THEN => 'Fouls now and then',
            default => 'Seldom fouls',
        };
        $because = $causes === []
            ? ''
            : ': '.implode(', ', array_map(static fn (Fouling $cause): string => $cause->says(), $causes));

        return new Finding(
            RigCheck::Fouling, $score < Fouling::OFTEN, "{$often}{$because}.",
            $causes === [] ? '' : ucfirst(implode('; ', array_map(static fn (Fouling $cause): string => $cause->cure(), $causes))).'.',
        );
    }

    private function reach(): Finding
    {
        $say = $this->report->situation->say;
        $reach = $this->report->rig->liftReachM();
        $lift = $this->report->steps->liftM;
        $turns = $this->report->liftMs() / Constants::LINE_PER_TURN_M;

        return new Finding(
            RigCheck::Reach, true,
            $lift <= $reach
                ? Words::of(
                    'Rod and arm lift {reach}; this cadence lifts {lift}.', reach: $say->depth($reach), lift: $say->lift($lift),
                )
                : Words::of(
                    'Rod and arm lift {reach}. Reel the last {rest}, {turns} turns a second on a usual reel.',
                    reach: $say->depth($reach), rest: $say->depth($lift - $reach), turns: round($turns, 1),
                ),
        );
    }

    private function landing(): Finding
    {
        $fish = $this->report->situation->say->units->fishWeight;
        $lure = $this->report->candidate->lure;
        $throws = $lure->isSpoon() && $lure->massKg >= Reel::HEAVY_KG && $this->report->hooks->isOnlyOne();

        return new Finding(
            RigCheck::Landing, true, Words::of(
                $throws
                    ? 'Swing fish in up to {most}. Net heavier ones. Heavy spoons are easily thrown: keep it coming, rod low on jumps.'
                    : 'Swing fish in up to {most}. Net heavier ones.',
                most: $fish->print($this->report->rig->swingsKg()),
            ),
        );
    }

    private function hooked(): Finding
    {
        $lure = $this->report->candidate->lure;
        $hooks = $this->report->hooks;
        $usual = HookAdvice::usual($lure);
        $mend = [
            ...($hooks->loops === false ? ['A braided loop instead of the split ring lets the hook turn and keeps more fish.'] : []),
            ...($lure->isSpoon() && ! $hooks->stinger && $this->report->situation->veryCold()
                ? ['A single stinger at the head: the colder, the more it hooks.']
                : []),
        ];

        return new Finding(
            RigCheck::Hooks, true, $hooks->words() === '' ? $usual : Words::of(
                'On it: {hooks}. {usual}', hooks: $hooks->words(), usual: $usual,
            ), implode(' ', $mend),
        );
    }

    /** How much weight the thickness of the line costs here. */
    private function weight(): Finding
    {
        $column = $this->report->column();
        if ($column === null) {
            return $this->unread(RigCheck::Weight, 'whether it stays straight down');
        }
        $lure = $this->report->candidate->lure;
        $good = VerticalLimits::isVertical($lure->body, $column);
        $thickest = VerticalLimits::thickestLineM($lure->body, $column);
        $line = Unit::Millimetre->print($this->report->rig->line->diameterM);
        $least = VerticalLimits::leastMassKg($lure->family, $column);

        return new Finding(
            RigCheck::Weight, $good,
            $least === null
                ? Words::of('On {line} line nothing stays straight down here.', line: $line)
                : Words::of(
                    'On {line} line it takes {least} to stay straight down here.',
                    line: $line, least: $this->report->situation->say->mass($least),
                ),
            match (true) {
                $good => '',
                $thickest !== null => Words::of('Line of {millimetre} or thinner.', millimetre: Unit::Millimetre->print($thickest)),
                $this->report->situation->water->onFoot => 'Cast instead.',
                default => 'Let the boat go with the water.',
            },
        );
    }

    /** What mends it; for a cast a shorter one does too. */
    private function orShorter(string $mend): string
    {
        return Words::of($this->report->situation->vertical() ? '{mend}.' : '{mend}, or a shorter cast.', mend: $mend);
    }

    private function unread(RigCheck $check, string $what): Finding
    {
        $read = $this->report->situation->vertical() ? 'depth and drift' : 'the depth';

        return new Finding($check, null, Words::of('Read {read} to know {what}.', read: $read, what: $what));
    }

    /** How far the lure is, as a sentence begins. */
    private function where(): string
    {
        $situation = $this->report->situation;

        return $situation->vertical() ? 'Here' : Words::of('{line} out', line: $situation->say->depth($this->report->lineOutM() ?? 0.0));
    }
}
