<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\BiteSign;
use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Cadence\Steps;
use Eskith\Core\Cadence\Strike;
use Eskith\Core\Cadence\TracePoint;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\CastOut;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Work\BiteData;
use Eskith\Telling\Data\Work\RibbonPointData;
use Eskith\Telling\Data\Work\StrikeData;
use Eskith\Telling\Data\Work\WorkData;
use Eskith\Telling\Kit;
use Eskith\Telling\Rig\RigAtHand;
use Eskith\Telling\Settings\OwnCadences;

/** The cadence of a pick, timed for this lure, hole, depth and rod. */
final readonly class WorkPresenter
{
    private Candidate $candidate;

    private Cadence $cadence;

    private Situation $situation;

    private Steps $steps;

    private ?Repeat $repeat;

    /** Null straight down. */
    private ?CastOut $cast;

    /** @throws InvalidInput when depth was not read, or the lift is higher than the water is deep */
    private function __construct(private Kit $kit, private SingleDrop $drop)
    {
        $this->situation = $drop->situation;
        $this->candidate = $drop->candidate();
        $this->cadence = $this->candidate->cadence ?? throw InvalidInput::because('pick', 'Choose how it is worked first.');
        $this->steps = $this->situation->steps($this->cadence, $drop->lure);
        $column = $this->situation->columnIfStill ?? throw InvalidInput::because(
            'depth', 'Read the depth first. The lure falls through it.',
        );
        $this->cast = $this->situation->vertical() ? null : CastOut::of($this->candidate, $this->situation);
        $this->repeat = $this->steps->fall === FallControl::None
            ? null
            : Repeat::of(
                $this->steps, $drop->lure->body, Falling::betweenLifts($this->candidate, $this->steps->fall), $column,
                $this->cast?->cast->riseM($this->steps->liftM),
            );
    }

    /** @throws InvalidInput when it cannot be timed here */
    public static function of(Kit $kit, SingleDrop $drop): WorkData
    {
        return (new self($kit, $drop))->data();
    }

    private function data(): WorkData
    {
        $say = $this->situation->say;
        $repeat = $this->repeat;
        $hour = new HourPresenter($this->kit, $this->drop, $this->steps, $repeat);

        return new WorkData(
            headline: $this->headline(),
            cadence: $this->cadence->value,
            word: $this->cadence->word(),
            liftM: $this->steps->liftM,
            liftText: $say->lift($this->steps->liftM),
            floorText: $this->situation->onBottom() ? 'bottom' : $say->depth((float) $this->situation->fishDepthM()),
            liftS: $this->steps->liftSeconds,
            fallS: $repeat->fallSeconds ?? 0.0,
            pauseS: $this->steps->pauseSeconds,
            ribbon: array_map(
                static fn (TracePoint $point): RibbonPointData => new RibbonPointData(round($point->seconds, 4), round($point->heightM, 4)),
                $repeat->path ?? [],
            ),
            counts: CadenceWords::counts($this->candidate, $this->situation),
            rate: $repeat === null ? '' : self::pace($repeat->seconds),
            before: $this->repeat === null ? '' : Words::of(
                'Before each {move}: bail closed by hand, tip just bending.', move: $this->move('lift', 'pull'),
            ),
            says: $this->says(),
            mistake: $this->cadence->mistake($this->situation->onBottom()),
            bites: array_map(
                static fn (BiteSign $sign): BiteData => new BiteData($sign->value, $sign->shows(), $sign->phase()), $this->cadence->bites(),
            ),
            strikes: $this->strikes(),
            hour: $hour->shares(),
            hourSays: $hour->sentence(),
            saves: $hour->saves(),
            own: isset(OwnCadences::of($this->kit->set)->kept[$this->cadence->value]),
        );
    }

    /** @return list<StrikeData> */
    private function strikes(): array
    {
        $usual = Strike::usual($this->candidate->lure->family, $this->situation->vertical(), $this->steps);

        return array_map(
            static fn (Strike $one): StrikeData => new StrikeData($one->word(), $one->says()), [$usual, $usual->other()],
        );
    }

    /** "25 a minute"; "40 an hour" where a minute is too short to count in. */
    private static function pace(float $seconds): string
    {
        return 60.0 / $seconds >= 2.0
            ? Words::of('{times} a minute', times: round(60.0 / $seconds))
            : Words::of('{times} an hour', times: round(3600.0 / $seconds));
    }

    private function headline(): string
    {
        $word = ucfirst($this->cadence->word());
        if ($this->repeat === null) {
            return Words::of('{word}: reel slowly and evenly, {reeled}', word: $word, reeled: CadenceWords::reeled($this->situation));
        }
        $say = $this->situation->say;
        $down = $this->cast === null;

        return Words::of(
            match (true) {
                $down && $this->steps->pauseSeconds > 0 => '{word}: {lift} up in {seconds}, {fall}, wait {pause}',
                $down => '{word}: {lift} up in {seconds}, {fall}, and up again at once',
                $this->steps->pauseSeconds > 0 => '{word}: {lift} of pull in {seconds}, {fall}, wait {pause}',
                default => '{word}: {lift} of pull in {seconds}, {fall}, and up again at once',
            },
            word: $word, lift: $say->lift($this->steps->liftM), seconds: $say->seconds($this->steps->liftSeconds),
            fall: $this->steps->fall->word(), pause: $say->seconds($this->steps->pauseSeconds),
        );
    }

    /** @return list<string> */
    private function says(): array
    {
        $say = $this->situation->say;
        $range = $this->cadence->liftRange();
        $lift = $this->steps->liftM;

        return array_values(array_filter([
            $range === null ? '' : Words::of(
                'Usual {move}: {least} to {most}.',
                move: $this->move('lift', 'pull'), least: $say->lift($range[0]), most: $say->lift($range[1]),
            ),
            $this->cast !== null || $this->repeat === null || $this->steps->fall->isSlack() || $this->steps->fall === FallControl::Free
                ? ''
                : Words::of(
                    'Lower the tip at {lift} to keep contact.', lift: $this->speed($lift / max(0.05, $this->repeat->fallSeconds)),
                ),
            $this->nearAndFar(),
            $this->repeat !== null && $this->situation->vertical() && $this->situation->onBottom() && $lift < 1.5
                ? Words::of('Missed the bottom? Let out {letOut} more.', letOut: $say->lift($this->letOut()))
                : '',
            $this->beyondTheArm(),
        ]));
    }

    /** What is said straight down, and of a cast. */
    private function move(string $down, string $cast): string
    {
        return $this->cast === null ? $down : $cast;
    }

    /** A hand or two. */
    private function letOut(): float
    {
        return 0.2;
    }

    /** How much of the pull lifts and how much drags, near and at the end of a cast. */
    private function nearAndFar(): string
    {
        $say = $this->situation->say;
        $pull = $this->steps->liftM;
        if ($this->repeat === null || $this->cast === null) {
            return '';
        }
        $cast = $this->cast->cast;

        return Words::of(
            '{lands} out a {pull} pull lifts it {rises} and brings it {nearer} closer. A turn of the handle lifts it {perTurn}.',
            lands: $say->depth($cast->landsM),
            pull: $say->lift($pull),
            rises: $say->lift($cast->riseM($pull)),
            nearer: $say->lift($cast->dragM($pull)),
            perTurn: $say->lift($cast->riseM(Constants::LINE_PER_TURN_M)),
        );
    }

    private function beyondTheArm(): string
    {
        $say = $this->situation->say;
        $reach = RigAtHand::of($this->kit->hand)->read->rig->liftReachM();
        $lift = $this->steps->liftM;
        if ($lift <= $reach) {
            return '';
        }
        $turns = $lift / max(0.1, $this->steps->liftSeconds) / Constants::LINE_PER_TURN_M;

        return Words::of(
            'Rod and arm end after {reach}: go on with the reel, {turns} turns a second.',
            reach: $say->depth($reach), turns: round($turns, 1),
        );
    }

    /** A tip goes slowly: in feet or centimetres a second. */
    private function speed(float $metresPerSecond): string
    {
        return $this->situation->say->units->depth === Unit::Metre
            ? Words::of("{speed}\u{A0}cm a second", speed: round(100 * $metresPerSecond))
            : Words::of("{speed}\u{A0}ft a second", speed: round($metresPerSecond / 0.3048, 1));
    }
}
