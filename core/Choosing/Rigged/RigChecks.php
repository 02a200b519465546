<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Rig\Connector;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\Reel;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Tackle\Upkeep;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;

/**
 * Will this rig start, hold and hook here, and what breaks first: each check a sentence with its number and what would mend
 * it. What needs a reading that is missing says so.
 */
final readonly class RigChecks
{
    /** Share of a lift from which its loss is felt. */
    private const FELT = 0.25;

    /** °C at and below which lines that are not braid keep their coils. Estimate. */
    private const STIFF_C = 8.0;

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
            RigCheck::Icing => $this->icing(),
            RigCheck::Twist => $this->twist(),
            RigCheck::Landing => $this->landing(),
            RigCheck::Weight => $this->weight(),
            RigCheck::Hooks => $this->hooked(),
            RigCheck::Care => $this->care(),
        }, array_values(array_filter(RigCheck::cases(), fn (RigCheck $check): bool => $check->speaks($this->report->situation))));
    }

    private function start(): Finding
    {
        if ($this->report->out?->swept === true) {
            return new Finding(
                RigCheck::Start, false,
                "{$this->where()} the water across takes line and lure along: it does not lie still, and no pull starts it.",
                'A shorter cast, a thinner line or a heavier lure; or cast with the water or against it.',
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
                ? "{$this->where()} the belly of the line takes a lift of {$this->report->situation->say->lift($lift)} altogether."
                : "{$this->where()} you lose ".$this->report->said($this->report->lost->lostM)
                ." of a lift of {$this->report->situation->say->lift($lift)}"
                .($this->report->startFactor === null
                    ? ': '.$this->report->said($this->report->lost->bellyM).' belly and '
                        .$this->report->said($this->report->lost->stretchM).' stretch.'
                    : ', by the tip travel that you measured.'),
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
            "{$this->where()} the hookset uses {$needed} of the {$sweep} of a sweep; with this line ".$this->report->hooks().'.',
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
        $assumed = $opens === null ? '' : ' The '.$this->report->rig->connector->word().' is taken as usual: '.$strength->print($opens).'.';

        return new Finding(
            RigCheck::Strength, true,
            "The {$this->report->chain->weakest->name} breaks first, at {$this->report->holds()} (knots keep four fifths): drag at "
                ."{$this->report->drag()}.{$assumed}",
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
            "Rod and arm lift {$say->depth($reach)}; ".($lift <= $reach
                ? "this cadence lifts {$say->lift($lift)}."
                : "go on with the reel for the last {$say->depth($lift - $reach)}, ".round($turns, 1).' turns a second on a usual reel.'),
        );
    }

    private function icing(): Finding
    {
        if ($this->report->airC === null) {
            return new Finding(RigCheck::Icing, null, 'Read the air: below freezing braid takes up water and closes the guides.');
        }
        $air = $this->report->situation->say->temperature($this->report->airC);

        return match (true) {
            $this->report->airC >= 0.0 => new Finding(RigCheck::Icing, true, "{$air} of air: no ice in the guides."),
            $this->report->rig->line->material->ices() => new Finding(
                RigCheck::Icing, false, "{$air} of air: braid ices and the guides close.",
                'Fluorocarbon straight to the lure; until then dip the tip and knock the ice off before a lift.',
            ),
            default => new Finding(
                RigCheck::Icing, true, "{$air} of air: {$this->report->rig->line->material->word()} ices little; dip the tip now and then.",
            ),
        };
    }

    private function twist(): Finding
    {
        $rig = $this->report->rig;
        $cold = $this->report->situation->water->tempC;
        $spins = $this->report->candidate->lure->isSpoon();

        return match (true) {
            $rig->line->material !== Material::Braid && $cold !== null && $cold <= self::STIFF_C => new Finding(
                RigCheck::Twist, true, ucfirst($rig->line->material->word()).' keeps the coils of the spool in water this cold.',
                'Stretch the first of it by hand before the first drop; go slower over the rod.',
            ),
            $spins && $rig->connector !== Connector::Swivel => new Finding(
                RigCheck::Twist, true, 'A spoon turns as it comes up and twists the line.',
                'Let it hang and unwind now and then; a swivel once the line twists.',
            ),
            ! $spins && $rig->connector === Connector::Swivel => new Finding(
                RigCheck::Twist, true, 'This lure does not twist the line: a swivel only adds weight.', 'A ring or a snap.',
            ),
            default => new Finding(RigCheck::Twist, true, 'Nothing twists this line.'),
        };
    }

    private function landing(): Finding
    {
        $fish = $this->report->situation->say->units->fishWeight;

        $lure = $this->report->candidate->lure;
        $throws = $lure->isSpoon() && $lure->massKg >= Reel::HEAVY_KG && $this->report->hooks->isOnlyOne();

        return new Finding(
            RigCheck::Landing, true, "Swing fish in up to {$fish->print($this->report->rig->swingsKg())}; net what is heavier."
                .($throws ? ' A heavy spoon on one hook is easily thrown: keep it coming, rod low when a fish jumps.' : ''),
        );
    }

    private function hooked(): Finding
    {
        $lure = $this->report->candidate->lure;
        $hooks = $this->report->hooks;
        $usual = HookAdvice::usual($lure);
        $mend = [
            ...($hooks->loops === false ? ['A braided loop in place of the split ring lets the hook turn, and keeps more fish.'] : []),
            ...($lure->isSpoon() && ! $hooks->stinger && $this->report->situation->veryCold()
                ? ['A single stinger at the head: the colder, the more it hooks.']
                : []),
        ];

        return new Finding(
            RigCheck::Hooks, true, $hooks->words() === '' ? $usual : "On it: {$hooks->words()}. {$usual}", implode(' ', $mend),
        );
    }

    private function care(): Finding
    {
        $again = Upkeep::worn($this->report->worn);

        return new Finding(
            RigCheck::Care, $again === null,
            $this->report->worn === 0
                ? 'Nothing has worn the leader since it was tied.'
                : ($this->report->worn === 1 ? 'One fish, snag or rock' : "{$this->report->worn} fish, snags and rocks")
                    .' since the leader was tied: run the last of the line through your fingers.',
            $again ?? '',
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
            "On {$line} line ".($least === null
                ? 'nothing stays straight down here.'
                : "it takes {$this->report->situation->say->mass($least)} to stay straight down here."),
            match (true) {
                $good => '',
                $thickest !== null => 'Line of '.Unit::Millimetre->print($thickest).' or thinner.',
                $this->report->situation->water->onFoot => 'Cast instead.',
                default => 'Let the boat go with the water.',
            },
        );
    }

    /** What mends it; for a cast a shorter one does too. */
    private function orShorter(string $mend): string
    {
        return $mend.($this->report->situation->vertical() ? '.' : ', or a shorter cast.');
    }

    private function unread(RigCheck $check, string $what): Finding
    {
        $read = $this->report->situation->vertical() ? 'depth and drift' : 'the depth';

        return new Finding($check, null, "Read {$read} to know {$what}.");
    }

    /** How far the lure is, as a sentence begins. */
    private function where(): string
    {
        $situation = $this->report->situation;

        return $situation->vertical() ? 'Here' : "{$situation->say->depth($this->report->lineOutM() ?? 0.0)} out";
    }
}
