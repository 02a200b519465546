<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\VerticalLimits;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\Chain;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Rig\Material;
use Eskith\Core\Rig\Rig;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\HookAdvice;
use Eskith\Core\Tackle\Upkeep;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\Unit;

/**
 * Will this rig start, hold and hook at this depth, and what breaks first: a rig with the lure on it, in a situation. What
 * needs a reading that is missing says so.
 */
final readonly class RigReport
{
    /** Share of a lift from which its loss is felt. */
    private const FELT = 0.25;

    /** m beyond which nobody fishes: a reach is told up to here. */
    public const FARTHEST_M = 91.44;

    /** m of a usual cast. */
    public const CAST_M = 25.0;

    /** kg from which a spoon is heavy enough to be thrown (3/4 oz). */
    private const THROWN_KG = 0.021;

    /** m of line that a turn of the handle takes in, as usual for a spinning reel. Estimate. */
    private const TURN_M = 0.7;

    public Chain $chain;

    /** What the line swallows of a lift; null where it is not known. */
    public ?LostLift $lost;

    /** Null where depth or flow is not known, or the line does not reach the bottom. */
    public ?HookSet $hookSet;

    private Steps $steps;

    /**
     * @param  int|null  $front  hook sizes; null where not known
     * @param  float|null  $airC  °C; null where it was not read
     * @param  int  $worn  fish and snags since the leader was tied
     */
    public function __construct(
        private Situation $situation,
        private Candidate $candidate,
        public Rig $rig,
        private ?int $front = null,
        private ?int $rear = null,
        private ?float $airC = null,
        private int $worn = 0,
    ) {
        $this->steps = $situation->steps($candidate->cadence ?? Cadence::ShortPop, $candidate->lure);
        $this->chain = $rig->chain();
        [$this->lost, $this->hookSet] = $situation->vertical() ? $this->straightDown() : $this->castOut();
    }

    /** @return array{LostLift|null, HookSet|null} */
    private function straightDown(): array
    {
        $column = $this->column();
        $line = $column === null ? null : RestingLine::of($this->candidate->lure->body, $column);
        if ($column === null || $line?->offsetM === null || $line->lineOutM === null) {
            return [null, null];
        }

        return [
            $this->lostIn($this->candidate->lure->body, $column),
            $this->rig->hookSet($line->lineOutM, $line->lineOutM - hypot($column->depthM, $line->offsetM)),
        ];
    }

    /** @return array{LostLift|null, HookSet|null} at the end of a cast */
    private function castOut(): array
    {
        $column = $this->situation->with(lineDiameterM: $this->rig->line->diameterM)->columnIfStill;
        if ($column === null) {
            return [null, null];
        }
        $lost = $this->lostIn($this->candidate->lure->body, $column);
        $length = max(self::CAST_M, $column->depthM);
        $rest = $this->candidate->lure->body->netWeightN($column->water) / 2;
        $sag = ($column->dragPerM * $column->flow->rms() ** 2 / $rest) ** 2 * $length ** 3 / 24;

        return [$lost, $this->rig->hookSet($length, $sag)];
    }

    /** What a lift loses in this water, straight down or at the end of a cast; null where nothing is lifted or no line reaches. */
    private function lostIn(Body $body, WaterColumn $column): ?LostLift
    {
        if ($this->liftMs() <= 0.0) {
            return null;
        }
        [$break, $strain] = [$this->rig->line->breakN, $this->rig->line->material->strainAtBreak()];
        if (! $this->situation->vertical()) {
            return LostLift::ofCast($body, $column, max(self::CAST_M, $column->depthM), $break, $strain, $this->liftMs());
        }

        return RestingLine::of($body, $column)->offsetM === null ? null : LostLift::of($body, $column, $break, $strain, $this->liftMs());
    }

    /** m down to which a hook is driven, as far as anybody fishes; null where it is not known. */
    public function hooksToM(): ?float
    {
        return $this->hookSet === null ? null : min(self::FARTHEST_M, $this->hookSet->farthestM + $this->rig->leaderM);
    }

    /** "1½ in", or a dash. */
    public function starts(): string
    {
        return $this->lost === null ? '–' : self::short($this->lost->lostM, $this->situation);
    }

    /** "90 ft", or a dash. */
    public function hooksTo(): string
    {
        $to = $this->hooksToM();

        return $to === null ? '–' : ($to >= self::FARTHEST_M ? 'over ' : '').$this->situation->say->depth($to);
    }

    public function holds(): string
    {
        return $this->situation->say->units->strength->print($this->chain->holdsN);
    }

    /** m of line from rod to lure; null where it is not known. */
    public function lineOutM(): ?float
    {
        if (! $this->situation->vertical()) {
            return max(self::CAST_M, $this->situation->water->depthM ?? 0.0);
        }
        $column = $this->column();

        return $column === null ? null : RestingLine::of($this->candidate->lure->body, $column)->lineOutM;
    }

    /** The same lure on another rig, or on a lure of another weight. */
    public function on(Rig $rig): self
    {
        return new self(
            situation: $this->situation,
            candidate: $this->candidate,
            rig: $rig,
            front: $this->front,
            rear: $this->rear,
            airC: $this->airC,
            worn: $this->worn,
        );
    }

    /** What a lift loses with another weight and line diameter, said; a dash where the line does not reach the bottom. */
    public function startsWith(float $massKg, float $diameterM): string
    {
        $there = $this->situation->with(lineDiameterM: $diameterM);
        $column = $this->situation->vertical() ? $there->column : $there->columnIfStill;
        $lost = $column === null ? null : $this->lostIn(Body::of($this->candidate->lure->family, $massKg), $column);

        return $lost === null ? '–' : self::short($lost->lostM, $this->situation);
    }

    /** @return list<string> what this rig trades against another, a few words each */
    public function against(self $other): array
    {
        $fouls = fn (self $report): float => Fouling::score($report->fouls());
        [$mine, $theirs] = [$this->lost->lostM ?? 0.0, $other->lost->lostM ?? 0.0];
        [$near, $far] = [$this->hooksToM() ?? 0.0, $other->hooksToM() ?? 0.0];
        [$weak, $strong] = [$this->chain->holdsN, $other->chain->holdsN];

        return array_values(array_filter([
            self::than($mine, $theirs, 'starts sooner', 'starts later'),
            self::than($far, $near, 'hooks deeper', 'hooks less deep'),
            self::than($fouls($this), $fouls($other), 'fouls less', 'fouls more'),
            self::than($strong, $weak, 'holds more', 'holds less'),
            $this->rig->connector === $other->rig->connector ? null : $this->rig->connector->trades(),
            self::than((float) $this->rig->line->material->ices(), (float) $other->rig->line->material->ices(), 'ices less', 'ices more'),
        ]));
    }

    /** Which of two words a difference deserves; null when it is not worth a word. */
    private static function than(float $mine, float $theirs, string $less, string $more): ?string
    {
        return abs($mine - $theirs) <= 0.05 * max(abs($mine), abs($theirs)) ? null : ($mine < $theirs ? $less : $more);
    }

    /** The first answer, as it could be said aloud. */
    public function headline(): string
    {
        $say = $this->situation->say;
        $strength = $say->units->strength;
        $wrong = array_filter($this->findings(), static fn (Finding $finding): bool => $finding->good === false);
        $opens = $wrong === [] ? 'Ready' : (count($wrong) === 1 ? 'One thing to mend' : count($wrong).' things to mend');
        $said = [
            ...($this->lost === null ? [] : ['starts within '.self::short($this->lost->lostM, $this->situation)]),
            ...($this->hookSet === null ? [] : [$this->hooks()]),
            "the {$this->chain->weakest->name} breaks first at {$strength->print($this->chain->holdsN)}",
        ];

        return "{$opens}: ".implode(', ', $said)."; set the drag to {$this->drag()}.";
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
            RigCheck::Icing => $this->icing(),
            RigCheck::Landing => $this->landing(),
            RigCheck::Weight => $this->weight(),
            RigCheck::Hooks => $this->hooked(),
            RigCheck::Care => $this->care(),
        }, RigCheck::cases());
    }

    private function start(): Finding
    {
        if ($this->lost === null) {
            return $this->unread(RigCheck::Start, 'how much of a lift the line swallows');
        }
        $lift = $this->steps->liftM;
        $good = $this->lost->lostM <= self::FELT * $lift;

        return new Finding(
            RigCheck::Start, $good,
            "{$this->where()} the line swallows ".self::short($this->lost->lostM, $this->situation)
                ." of a lift of {$this->situation->say->lift($lift)}"
                .': '.self::short($this->lost->bellyM, $this->situation).' belly and '
                .self::short($this->lost->stretchM, $this->situation).' stretch.',
            match (true) {
                $good => '',
                $this->lost->bellyM > $this->lost->stretchM => 'A thinner line or a heavier lure.',
                default => 'A line that stretches less.',
            },
        );
    }

    private function hookSet(): Finding
    {
        if ($this->hookSet === null) {
            return $this->unread(RigCheck::HookSet, 'how far down a hook is driven home');
        }
        $needed = self::short($this->hookSet->neededM, $this->situation);
        $sweep = self::short(HookSet::SWEEP_M, $this->situation);

        return new Finding(
            RigCheck::HookSet, $this->hookSet->reaches,
            "{$this->where()} a strike takes {$needed} of the {$sweep} that a sweep has; with this line it ".$this->hooks().'.',
            match (true) {
                $this->hookSet->reaches => '',
                $this->rig->line->material === Material::Braid => 'Keep the line straighter.',
                default => 'Braid, or shallower.',
            },
        );
    }

    private function strength(): Finding
    {
        $strength = $this->situation->say->units->strength;
        $opens = $this->rig->connector->typicalBreakN();
        $assumed = $opens === null ? '' : ' The '.$this->rig->connector->word().' is taken as usual: '.$strength->print($opens).'.';

        return new Finding(
            RigCheck::Strength, true,
            "The {$this->chain->weakest->name} breaks first, at {$strength->print($this->chain->holdsN)} (knots keep four fifths): drag at "
                ."{$this->drag()}.{$assumed}",
        );
    }

    private function fouling(): Finding
    {
        $causes = $this->fouls();
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

    /** @return list<Fouling> */
    private function fouls(): array
    {
        $slack = $this->steps->fall === FallControl::Free || $this->steps->fall->isSlack();

        return Fouling::of($this->rig, $this->front, $this->rear, $slack, $this->steps->liftM, ! $this->situation->vertical());
    }

    private function reach(): Finding
    {
        $say = $this->situation->say;
        $reach = $this->rig->liftReachM();
        $lift = $this->steps->liftM;
        $turns = $this->liftMs() / self::TURN_M;

        return new Finding(
            RigCheck::Reach, true,
            "Rod and arm lift {$say->depth($reach)}; ".($lift <= $reach
                ? "this cadence lifts {$say->lift($lift)}."
                : "go on with the reel for the last {$say->depth($lift - $reach)}, ".round($turns, 1).' turns a second on a usual reel.'),
        );
    }

    private function icing(): Finding
    {
        if ($this->airC === null) {
            return new Finding(RigCheck::Icing, null, 'Read the air: below freezing braid takes up water and closes the guides.');
        }
        $air = $this->situation->say->temperature($this->airC);

        return match (true) {
            $this->airC >= 0.0 => new Finding(RigCheck::Icing, true, "{$air} of air: no ice in the guides."),
            $this->rig->line->material->ices() => new Finding(
                RigCheck::Icing, false, "{$air} of air: braid ices and the guides close.",
                'Fluorocarbon straight to the lure; until then dip the tip and knock the ice off before a lift.',
            ),
            default => new Finding(
                RigCheck::Icing, true, "{$air} of air: {$this->rig->line->material->word()} ices little; dip the tip now and then.",
            ),
        };
    }

    private function landing(): Finding
    {
        $fish = $this->situation->say->units->fishWeight;

        $lure = $this->candidate->lure;
        $throws = $lure->isSpoon() && $lure->massKg >= self::THROWN_KG;

        return new Finding(
            RigCheck::Landing, true, "Swing fish in up to {$fish->print($this->rig->swingsKg())}; net what is heavier."
                .($throws ? ' A heavy spoon on one hook is easily thrown: keep it coming, rod low when a fish jumps.' : ''),
        );
    }

    private function hooked(): Finding
    {
        $usual = HookAdvice::usual($this->candidate->lure);
        $on = array_filter(['front' => $this->front, 'rear' => $this->rear], is_int(...));
        $said = implode(' and ', array_map(static fn (string $where, int $size): string => "{$where} {$size}", array_keys($on), $on));

        return new Finding(RigCheck::Hooks, true, $said === '' ? $usual : "On it: {$said}. {$usual}");
    }

    private function care(): Finding
    {
        $again = Upkeep::worn($this->worn);

        return new Finding(
            RigCheck::Care, $again === null,
            $this->worn === 0
                ? 'Nothing has worn the leader since it was tied.'
                : ($this->worn === 1 ? 'One fish or snag' : "{$this->worn} fish and snags")
                    .' since the leader was tied: run the last of the line through your fingers.',
            $again ?? '',
        );
    }

    /** How much weight the thickness of the line costs here. */
    private function weight(): Finding
    {
        $column = $this->column();
        if ($column === null) {
            return $this->unread(RigCheck::Weight, 'whether it stays straight down');
        }
        $lure = $this->candidate->lure;
        $good = VerticalLimits::isVertical($lure->body, $column);
        $thickest = VerticalLimits::thickestLineM($lure->body, $column);
        $line = Unit::Millimetre->print($this->rig->line->diameterM);
        $least = VerticalLimits::leastMassKg($lure->family, $column);

        return new Finding(
            RigCheck::Weight, $good || ! $this->situation->vertical(),
            "On {$line} line ".($least === null
                ? 'nothing stays straight down here.'
                : "it takes {$this->situation->say->mass($least)} to stay straight down here."),
            $good ? '' : ($thickest === null ? 'Slow the boat.' : 'Line of '.Unit::Millimetre->print($thickest).' or thinner.'),
        );
    }

    private function unread(RigCheck $check, string $what): Finding
    {
        $read = $this->situation->vertical() ? 'depth and drift' : 'the depth';

        return new Finding($check, null, "Read {$read} to know {$what}.");
    }

    /** How far the lure is, as a sentence begins. */
    private function where(): string
    {
        return $this->situation->vertical() ? 'Here' : "{$this->situation->say->depth(self::CAST_M)} out";
    }

    private function hooks(): string
    {
        $to = $this->hooksToM() ?? 0.0;

        return match (true) {
            $to <= 0.0 => 'hooks nowhere',
            $to >= self::FARTHEST_M && $this->situation->vertical() => 'hooks as deep as anybody fishes',
            $to >= self::FARTHEST_M => 'hooks as far out as anybody casts',
            default => 'hooks to '.$this->situation->say->depth($to).($this->situation->vertical() ? '' : ' out'),
        };
    }

    private function liftMs(): float
    {
        return $this->steps->liftM / max(0.1, $this->steps->liftSeconds);
    }

    /** "Drag 1.6 lb, leader knot holds 6 lb." */
    public function bears(): string
    {
        return "Drag {$this->drag()}, {$this->chain->weakest->name} holds {$this->holds()}.";
    }

    /** A drag is set more finely than a line is named. */
    private function drag(): string
    {
        return $this->situation->say->units->fishWeight->print($this->chain->dragN() / Constants::GRAVITY);
    }

    private function column(): ?WaterColumn
    {
        return $this->situation->with(lineDiameterM: $this->rig->line->diameterM)->column;
    }

    private static function short(float $metres, Situation $situation): string
    {
        return $metres < 0.15 ? $situation->say->units->fishLength->print($metres) : $situation->say->lift($metres);
    }
}
