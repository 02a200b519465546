<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\CastOut;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Bail;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\FallPoint;
use Eskith\Core\Drop\LinePoint;
use Eskith\Core\Drop\Swing;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Units\Constants;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Runs;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Picture\CastShapeData;
use Eskith\Telling\Data\Picture\DropData;
use Eskith\Telling\Data\Picture\FigureData;
use Eskith\Telling\Data\Picture\PointData;
use Eskith\Telling\Data\Work\FallData;

/** Puts the cast of a candidate into points and words: nothing of it is that of a straight drop. */
final class CastDropPresenter
{
    /** m of a pull that is told where the cadence has none. */
    private const PULL_M = 0.3;

    /** @param  string  $basis  what its figures rest on */
    public static function of(Candidate $candidate, Situation $situation, string $basis): DropData
    {
        $name = (new LureNames($situation->say))->lure($candidate->lure);
        try {
            $out = CastOut::of($candidate, $situation);
        } catch (InvalidInput $bad) {
            $why = Words::of('The {name}: {bad}', name: $name, bad: lcfirst($bad->getMessage()));

            return self::data($candidate, $situation, null, rtrim($why, '.'), $why, $basis);
        }
        $say = $situation->say;
        $down = $say->seconds($out->cast->downS);
        $spoken = $out->column->hung
            ? Words::of('The {name} is among the fish after {down}: stop it at that count', name: $name, down: $down)
            : Words::of(
                $out->swept ? 'The {name} is down in {down}, and is swept along' : 'The {name} is down in {down}, {lands} out',
                name: $name, down: $down, lands: $say->depth($out->cast->landsM),
            );

        return self::data($candidate, $situation, $out, $spoken, ucfirst(Words::of(
            '{name}, cast {cast}: {figures}.',
            name: $name,
            cast: $say->depth($situation->aim->castM),
            figures: implode(', ', array_map(
                static fn (FigureData $one): string => "{$one->figure} {$one->label}", self::figures($candidate, $situation, $out),
            )),
        )), $basis);
    }

    private static function data(
        Candidate $candidate, Situation $situation, ?CastOut $out, string $spoken, string $words, string $basis,
    ): DropData {
        $say = $situation->say;
        $cast = $out?->cast;
        $hang = $candidate->hangAngleDeg ?? 0.0;
        $held = $situation->columnIfStill->fromM ?? 0.0;

        return new DropData(
            line: $out === null ? [] : [
                new PointData(round($out->cast->landsM, 3), round($held, 3)), new PointData(0.0, round($out->column->depthM, 3)),
            ],
            offsetM: round($cast->landsM ?? 0.0, 4),
            angleDeg: null,
            angleText: '–',
            lineOutText: $cast === null ? '–' : $say->depth($cast->lineM),
            secondsText: $cast === null ? '–' : $say->seconds($cast->downS),
            seconds: $cast?->downS,
            holds: true,
            liftM: $cast === null ? 0.0 : $cast->riseM(self::pullM($candidate, $situation)),
            fall: $out === null ? [] : self::fall($candidate, $situation, $out),
            hangDeg: round($hang, 2),
            hangText: $candidate->hangAngleDeg === null ? '' : $say->angle($hang).($hang < 0 ? ' nose up' : ' nose down'),
            spoken: $spoken,
            words: $words,
            basis: $basis,
            gustLine: [],
            gustText: '',
            heldM: $held,
            downTo: $situation->onBottom() ? 'to bottom' : 'to the fish',
            cast: $out === null ? null : new CastShapeData(
                lengthM: $situation->aim->castM,
                path: self::path($candidate, $situation, $out),
                figures: self::figures($candidate, $situation, $out),
                landsText: $say->depth($out->cast->landsM),
                runsText: $situation->aim->runs === null || ($situation->flowMs ?? 0.0) < 0.005
                    ? ''
                    : "{$say->speed((float) $situation->flowMs)} {$situation->aim->runs->word()}",
                swept: $out->swept ? 'The current sweeps it along.' : '',
            ),
        );
    }

    /** @return list<FigureData> */
    private static function figures(Candidate $candidate, Situation $situation, CastOut $out): array
    {
        $say = $situation->say;
        $cast = $out->cast;
        $pull = self::pullM($candidate, $situation);

        return [
            new FigureData($say->depth($cast->landsM), self::landing($situation, $out)),
            ...($out->other === null ? [] : [new FigureData(
                $say->seconds($out->other->downS), $out->bail === Bail::Open ? 'down with the bail closed' : 'down with the bail open',
            )]),
            new FigureData($say->lift($cast->riseM($pull)), Words::of('up for {pull} of pull', pull: $say->lift($pull))),
            new FigureData($say->lift($cast->dragM($pull)), 'nearer for the same pull'),
            new FigureData($say->lift($cast->riseM(Constants::LINE_PER_TURN_M)), 'up for a turn of the handle'),
        ];
    }

    private static function landing(Situation $situation, CastOut $out): string
    {
        $by = $situation->say->depth(abs($out->cast->carriedM));

        return match (true) {
            $out->bail === Bail::Closed => Words::of('out, swung in {by}', by: $by),
            abs($out->cast->carriedM) < 0.05 => 'out, where it splashed',
            $out->cast->carriedM > 0.0 => Words::of('out, carried {by} on', by: $by),
            default => Words::of('out, carried {by} back', by: $by),
        };
    }

    /** m of line that a repeat of the cadence pulls. */
    private static function pullM(Candidate $candidate, Situation $situation): float
    {
        $lift = $candidate->cadence === null ? 0.0 : $situation->steps($candidate->cadence, $candidate->lure)->liftM;

        return $lift > 0.0 ? $lift : self::PULL_M;
    }

    /** @return list<PointData> */
    private static function path(Candidate $candidate, Situation $situation, CastOut $out): array
    {
        if ($out->bail === Bail::Closed) {
            $swing = Swing::of(
                $candidate->lure->body, Attitude::tight($candidate->lure->family, $candidate->hangAngleDeg), $out->column,
                $situation->aim->castM,
            );

            return array_map(
                static fn (LinePoint $at): PointData => new PointData(round($at->acrossM, 3), round($at->heightM, 3)), $swing->path(),
            );
        }

        return array_map(
            static fn (FallData $at): PointData => new PointData($at->x, $at->h), self::fall($candidate, $situation, $out),
        );
    }

    /** @return list<FallData> with the bail open; on a closed one nobody watches it fall */
    private static function fall(Candidate $candidate, Situation $situation, CastOut $out): array
    {
        if ($out->bail === Bail::Closed) {
            return [];
        }
        $sense = match ($situation->aim->runs) {
            Runs::Away => 1.0,
            Runs::Toward => -1.0,
            default => 0.0,
        };
        $fall = Fall::of(
            $candidate->lure->body,
            Falling::toTheBottom($situation, $candidate->lure, $candidate->hole(), $candidate->hangAngleDeg), $out->column,
        );

        return array_map(static fn (FallPoint $at): FallData => new FallData(
            round($at->seconds, 3), round($out->column->depthM - $at->depthM, 3),
            round($situation->aim->castM + $sense * abs($at->acrossM), 3),
        ), $fall->path(12));
    }
}
