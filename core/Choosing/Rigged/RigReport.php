<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Rigged;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\CastOut;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Rig\Chain;
use Eskith\Core\Rig\Fouling;
use Eskith\Core\Rig\Hooks;
use Eskith\Core\Rig\HookSet;
use Eskith\Core\Rig\LostLift;
use Eskith\Core\Rig\Rig;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;

/** A rig with a lure on it in a situation, in figures: what it loses of a lift, how far it hooks, what it holds. */
final readonly class RigReport
{
    /** m beyond which nobody fishes: a reach is told up to here. */
    public const FARTHEST_M = 91.44;

    public Chain $chain;

    /** What the line swallows of a lift; null where it is not known. */
    public ?LostLift $lost;

    /** Null where depth or flow is not known, or the line does not reach the bottom. */
    public ?HookSet $hookSet;

    public Steps $steps;

    /** The cast on this line; null straight down, and where it never gets down or depth was not read. */
    public ?CastOut $out;

    /**
     * @param  float|null  $airC  °C; null where it was not read
     * @param  float|null  $startFactor  a measured start over the reckoned one; null where none was measured
     * @param  int  $worn  fish, snags and rocks since the leader was tied
     */
    public function __construct(
        public Situation $situation,
        public Candidate $candidate,
        public Rig $rig,
        public Hooks $hooks = new Hooks,
        public ?float $airC = null,
        public int $worn = 0,
        public ?float $startFactor = null,
    ) {
        $this->steps = $situation->steps($candidate->cadence ?? Cadence::ShortPop, $candidate->lure);
        $this->chain = $rig->chain();
        $this->out = $situation->vertical() ? null : $this->castAnyway();
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
            $this->rig->hookSet($line->lineOutM, $line->lineOutM - hypot($column->toM, $line->offsetM)),
        ];
    }

    /** @return array{LostLift|null, HookSet|null} at the end of a cast */
    private function castOut(): array
    {
        $out = $this->out;
        if ($out === null) {
            return [null, null];
        }

        return [
            $this->lostIn($this->candidate->lure->body, $out->across),
            $this->rig->hookSet($out->cast->lineM, $this->bellyM($out->across, $out->cast->lineM)),
        ];
    }

    /** The cast on this line, whatever way is fished today; null where it never gets down or depth was not read. */
    private function castAnyway(): ?CastOut
    {
        try {
            return CastOut::of($this->candidate, $this->situation->with(lineDiameterM: $this->rig->line->diameterM));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** The belly that a strike draws straight, m: none but where the water runs across the line. */
    private function bellyM(WaterColumn $across, float $lineM): float
    {
        $line = $this->rig->line;

        return max(0.0, LostLift::ofStrike(
            $this->candidate->lure->body, $across, max($lineM, $across->depthM), $line->breakN, $line->material->strainAtBreak(),
            HookSet::FORCE_N,
        )->bellyM);
    }

    /** What a lift loses in this water, straight down or at the end of a cast; null where nothing is lifted or no line reaches. */
    private function lostIn(Body $body, WaterColumn $column): ?LostLift
    {
        if ($this->liftMs() <= 0.0) {
            return null;
        }
        [$break, $strain] = [$this->rig->line->breakN, $this->rig->line->material->strainAtBreak()];
        if (! $this->situation->vertical()) {
            $out = $this->out;

            // A lure that hangs in the water or is swept along does not lie at the end of a line that could be drawn straight.
            return $out === null || $out->swept || $column->hung
                ? null
                : LostLift::ofCast($body, $column, $out->cast->lineM, $break, $strain, $this->liftMs())->times($this->startFactor ?? 1.0);
        }

        return RestingLine::of($body, $column)->offsetM === null
            ? null
            : LostLift::of($body, $column, $break, $strain, $this->liftMs())->times($this->startFactor ?? 1.0);
    }

    /** m down, or out, to which a hook is driven, as far as anybody fishes; null where it is not known. */
    public function hooksToM(): ?float
    {
        return $this->situation->vertical() ? $this->hooksDownM() : $this->hooksOutM();
    }

    /** m straight down. */
    public function hooksDownM(): ?float
    {
        $set = $this->situation->vertical() ? $this->hookSet : $this->straightDown()[1];

        return $set === null ? null : min(self::FARTHEST_M, $set->farthestM + $this->rig->leaderM);
    }

    /** m out, at the end of a cast. */
    public function hooksOutM(): ?float
    {
        $column = ($this->out ?? $this->castAnyway())?->across;
        if ($column === null) {
            return null;
        }
        // The longer a cast, the more belly: halved down to where the sweep is just enough.
        $reaches = fn (float $lineM): bool => $this->rig->hookSet($lineM, $this->bellyM($column, $lineM))->reaches;
        [$near, $far] = [0.0, self::FARTHEST_M];
        if ($reaches($far)) {
            return $far;
        }
        while ($far - $near > 0.01) {
            $middle = ($near + $far) / 2;
            $reaches($middle) ? $near = $middle : $far = $middle;
        }

        return $near;
    }

    /** "1½ in", or a dash. */
    public function starts(): string
    {
        return $this->lostSaid($this->lost);
    }

    /** "90 ft", or a dash. */
    public function hooksTo(): string
    {
        return $this->reachSaid($this->hooksToM());
    }

    /** "90 ft", "over 300 ft", or a dash. */
    public function reachSaid(?float $metres): string
    {
        return $metres === null ? '–' : ($metres >= self::FARTHEST_M ? 'over ' : '').$this->situation->say->depth($metres);
    }

    public function holds(): string
    {
        return $this->situation->say->units->strength->print($this->chain->holdsN);
    }

    /** m of line from rod to lure; null where it is not known. */
    public function lineOutM(): ?float
    {
        if (! $this->situation->vertical()) {
            return $this->out?->cast->lineM;
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
            hooks: $this->hooks,
            airC: $this->airC,
            worn: $this->worn,
            startFactor: $this->startFactor,
        );
    }

    /** What a lift loses with another weight and line diameter; null where the line does not reach the bottom. */
    public function startWith(float $massKg, float $diameterM): ?LostLift
    {
        $there = $this->situation->with(lineDiameterM: $diameterM);
        $column = $this->situation->vertical() ? $there->column : $this->out?->across->withLine($diameterM);

        return $column === null ? null : $this->lostIn(Body::of($this->candidate->lure->family, $massKg), $column);
    }

    /** Whether a lift is lost altogether: beyond that the estimate says nothing more. */
    public function isAllLost(LostLift $lost): bool
    {
        return $lost->lostM >= $this->steps->liftM;
    }

    public function lostSaid(?LostLift $lost): string
    {
        return $lost === null ? '–' : ($this->isAllLost($lost) ? 'the whole lift' : $this->said($lost->lostM));
    }

    /** @return list<Fouling> */
    public function fouls(): array
    {
        $slack = $this->steps->fall === FallControl::Free || $this->steps->fall->isSlack();

        return Fouling::of($this->rig, $this->hooks, $slack, $this->steps->liftM, ! $this->situation->vertical());
    }

    /** "hooksets reach 90 ft" */
    public function hooks(): string
    {
        $to = $this->hooksToM() ?? 0.0;

        return match (true) {
            $to <= 0.0 => 'hooksets reach nowhere',
            $to >= self::FARTHEST_M && $this->situation->vertical() => 'hooksets reach bottom here',
            $to >= self::FARTHEST_M => 'hooksets reach any cast',
            $this->situation->vertical() => Words::of('hooksets reach {to}', to: $this->situation->say->depth($to)),
            default => Words::of('hooksets reach {to} out', to: $this->situation->say->depth($to)),
        };
    }

    /** m/s */
    public function liftMs(): float
    {
        return $this->steps->liftM / max(0.1, $this->steps->liftSeconds);
    }

    /** "Drag 1.6 lb, leader knot holds 6 lb." */
    public function bears(): string
    {
        return Words::of(
            'Drag {drag}, {weakest} holds {holds}.', drag: $this->drag(), weakest: $this->chain->weakest->name, holds: $this->holds(),
        );
    }

    /** A drag is set more finely than a line is named. */
    public function drag(): string
    {
        return $this->situation->say->units->fishWeight->print($this->chain->dragN() / Constants::GRAVITY);
    }

    /** The water with this line in it; null where depth or flow was not read. */
    public function column(): ?WaterColumn
    {
        return $this->situation->with(lineDiameterM: $this->rig->line->diameterM)->column;
    }

    /** A short length as it is said: "1½ in", "3 ft". */
    public function said(float $metres): string
    {
        $say = $this->situation->say;

        return $metres < 0.15 ? $say->units->fishLength->print($metres) : $say->lift($metres);
    }
}
