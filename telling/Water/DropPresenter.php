<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Drop\FallPoint;
use Eskith\Core\Drop\LinePoint;
use Eskith\Core\Drop\RestingLine;
use Eskith\Telling\Data\Picture\DropData;
use Eskith\Telling\Data\Picture\PointData;
use Eskith\Telling\Data\Work\FallData;

/** Puts the drop of a candidate into points and words. */
final class DropPresenter
{
    private const SEGMENTS = 20;

    public static function of(Candidate $candidate, Situation $situation): DropData
    {
        if (! $situation->vertical()) {
            return CastDropPresenter::of($candidate, $situation, self::basis($candidate));
        }
        $line = $situation->columnIfStill === null ? null : RestingLine::of($candidate->lure->body, $situation->columnIfStill);
        $say = $situation->say;
        $seconds = $candidate->secondsToBottom;
        $hang = $candidate->hangAngleDeg ?? 0.0;
        $offset = $line->offsetM ?? 0.0;
        $gust = $situation->gustColumn === null ? null : RestingLine::of($candidate->lure->body, $situation->gustColumn);

        return new DropData(
            line: self::points($line),
            offsetM: round($offset, 4),
            angleDeg: $situation->column === null ? null : $line?->lineAngleDeg,
            angleText: $situation->column === null || $line?->lineAngleDeg === null ? '–' : $say->angle($line->lineAngleDeg),
            lineOutText: $line?->lineOutM === null ? '–' : $say->depth($line->lineOutM),
            secondsText: $seconds === null ? '–' : $say->seconds($seconds),
            seconds: $seconds,
            holds: $line === null || $line->holds,
            liftM: $candidate->cadence === null ? 0.0 : $situation->steps($candidate->cadence, $candidate->lure)->liftM,
            fall: self::fall($candidate, $situation),
            hangDeg: round($hang, 2),
            hangText: $candidate->hangAngleDeg === null ? '' : $say->angle($hang).($hang < 0 ? ' nose up' : ' nose down'),
            spoken: self::spoken($line, $candidate, $situation),
            words: self::words($line, $candidate, $situation),
            basis: self::basis($candidate),
            gustLine: self::points($gust),
            gustText: match (true) {
                $gust === null => '',
                $gust->lineAngleDeg === null || ! $gust->holds => $situation->onBottom()
                    ? 'off the bottom in the gusts'
                    : 'swept aside in the gusts',
                default => "{$say->angle($gust->lineAngleDeg)} in the gusts",
            },
            heldM: $situation->columnIfStill->fromM ?? 0.0,
            downTo: $situation->onBottom() ? 'to bottom' : 'to the fish',
            cast: null,
        );
    }

    /** @return list<PointData> from the lure up */
    private static function points(?RestingLine $line): array
    {
        $offset = $line->offsetM ?? 0.0;

        return array_map(
            static fn (LinePoint $point): PointData => new PointData(round($offset - $point->acrossM, 4), round($point->heightM, 4)),
            $line?->shape(self::SEGMENTS) ?? [],
        );
    }

    /** @return list<FallData> */
    private static function fall(Candidate $candidate, Situation $situation): array
    {
        if ($situation->columnIfStill === null) {
            return [];
        }
        $attitude = Falling::toTheBottom($situation, $candidate->lure, $candidate->hole(), $candidate->hangAngleDeg);
        $depth = $situation->columnIfStill->depthM;

        return array_map(
            static fn (FallPoint $point): FallData => new FallData(
                round($point->seconds, 3), round($depth - $point->depthM, 3), round($point->acrossM, 3),
            ),
            Fall::of($candidate->lure->body, $attitude, $situation->columnIfStill)->path(8),
        );
    }

    private static function basis(Candidate $candidate): string
    {
        $timed = isset($candidate->lure->measuredDrag[$candidate->hole()->name ?? '']);
        $hung = $candidate->hole() !== null && $candidate->lure->balance !== null;

        return match (true) {
            $timed && $hung => 'Seconds by your timed drop, hang angle by your balance point; line angle is an estimate.',
            $timed => 'Seconds by your timed drop; angles are estimates.',
            $hung => 'Hang angle by your balance point; seconds and line angle are estimates.',
            default => 'Seconds and angles are estimates.',
        };
    }

    /** The drop in one short sentence, for the boat. */
    private static function spoken(?RestingLine $line, Candidate $candidate, Situation $situation): string
    {
        $say = $situation->say;
        $name = 'The '.(new LureNames($situation->say))->lure($candidate->lure);
        $hung = $situation->columnIfStill?->hung === true;
        $down = $candidate->secondsToBottom === null ? '' : ($hung
            ? "is among the fish at {$say->depth((float) $situation->workedM())} after {$say->seconds($candidate->secondsToBottom)}"
            : "is down in {$say->seconds($candidate->secondsToBottom)}");

        return match (true) {
            $line === null => "{$name}: read the depth first",
            $situation->column === null => "{$name} {$down}; read the ".(
                $situation->water->currentMs === null ? 'current, or the line angle,' : 'drift'
            ).' to know how it leans',
            $line->lineAngleDeg === null => "{$name} ".($hung ? 'never reaches the fish' : 'is lifted off the bottom altogether')
                .' in this flow',
            ! $line->holds => "{$name} does not hold ".($hung ? 'its depth' : 'the bottom').' here',
            default => "{$name} leans {$say->angle($line->lineAngleDeg)}".self::inGusts($candidate, $situation)." and {$down}",
        };
    }

    private static function inGusts(Candidate $candidate, Situation $situation): string
    {
        $gust = $situation->gustColumn === null ? null : RestingLine::of($candidate->lure->body, $situation->gustColumn)->lineAngleDeg;

        return $gust === null ? '' : ", {$situation->say->angle($gust)} in the gusts,";
    }

    private static function words(?RestingLine $line, Candidate $candidate, Situation $situation): string
    {
        $say = $situation->say;
        $name = ucfirst((new LureNames($situation->say))->lure($candidate->lure));
        if ($line === null || $situation->columnIfStill === null) {
            return "{$name}: the drop is not drawn, since depth is not read.";
        }
        $depth = $say->depth($situation->columnIfStill->depthM);
        if ($situation->column === null) {
            return "{$name} in {$depth}, drawn as if lying still, since ".(
                $situation->water->currentMs === null ? 'the current' : 'the drift'
            ).' is not read.';
        }
        if ($line->lineAngleDeg === null || $line->lineOutM === null || $line->offsetM === null) {
            return "{$name} in {$depth}: this flow lifts it ".($situation->onBottom() ? 'off the bottom' : 'away from the fish')
                .' altogether; no length of line reaches down.';
        }
        $depth .= $situation->onBottom() ? '' : ", held at {$say->depth((float) $situation->workedM())} among the fish";
        $behind = abs($line->offsetM) < 0.05 ? 'straight below the rod' : $say->depth(abs($line->offsetM)).' to the side of the rod';
        $text = "{$name} in {$depth}: line leans {$say->angle($line->lineAngleDeg)}, {$say->depth($line->lineOutM)} of line "
            ."out, lure {$behind}";
        $text .= $candidate->secondsToBottom === null ? '.' : ", {$say->seconds($candidate->secondsToBottom)} "
            .($situation->onBottom() ? 'to the bottom.' : 'down to them.');

        return $line->holds ? $text : $text.($situation->onBottom() ? ' It does not hold the bottom.' : ' It does not hold that depth.');
    }
}
