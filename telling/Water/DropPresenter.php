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
use Eskith\Core\Words\Words;
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
                default => Words::of('{angle} in the gusts', angle: $say->angle($gust->lineAngleDeg)),
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
        $name = Words::of('The {lure}', lure: (new LureNames($situation->say))->lure($candidate->lure));
        $hung = $situation->columnIfStill?->hung === true;
        $down = $candidate->secondsToBottom === null ? '' : ($hung
            ? Words::of(
                'is among the fish at {depth} after {seconds}',
                depth: $say->depth((float) $situation->workedM()), seconds: $say->seconds($candidate->secondsToBottom),
            )
            : Words::of('is down in {seconds}', seconds: $say->seconds($candidate->secondsToBottom)));

        $gust = $situation->gustColumn === null ? null : RestingLine::of($candidate->lure->body, $situation->gustColumn)->lineAngleDeg;

        return match (true) {
            $line === null => Words::of('{name}: read the depth first', name: $name),
            $situation->column === null && $situation->water->currentMs === null => Words::of(
                '{name} {down}; read the current, or the line angle, to know how it leans', name: $name, down: $down,
            ),
            $situation->column === null => Words::of('{name} {down}; read the drift to know how it leans', name: $name, down: $down),
            $line->lineAngleDeg === null => Words::of(
                $hung ? '{name} never reaches the fish in this flow' : '{name} is lifted off the bottom in this flow', name: $name,
            ),
            ! $line->holds => Words::of(
                $hung ? '{name} does not hold its depth here' : '{name} does not hold the bottom here', name: $name,
            ),
            default => Words::of(
                $gust === null ? '{name} leans {angle} and {down}' : '{name} leans {angle}, {gust} in the gusts, and {down}',
                name: $name, angle: $say->angle($line->lineAngleDeg), gust: $say->angle($gust ?? 0.0), down: $down,
            ),
        };
    }

    private static function words(?RestingLine $line, Candidate $candidate, Situation $situation): string
    {
        $say = $situation->say;
        $name = ucfirst((new LureNames($situation->say))->lure($candidate->lure));
        if ($line === null || $situation->columnIfStill === null) {
            return Words::of('{name}: read the depth to see the drop.', name: $name);
        }
        $depth = $say->depth($situation->columnIfStill->depthM);
        if ($situation->column === null) {
            return Words::of(
                $situation->water->currentMs === null
                    ? '{name} in {depth}, drawn as if still: current not read.'
                    : '{name} in {depth}, drawn as if still: drift not read.',
                name: $name, depth: $depth,
            );
        }
        if ($line->lineAngleDeg === null || $line->lineOutM === null || $line->offsetM === null) {
            return Words::of(
                $situation->onBottom()
                    ? '{name} in {depth}: this flow lifts it off the bottom. No length of line reaches down.'
                    : '{name} in {depth}: this flow lifts it off the fish. No length of line reaches down.',
                name: $name, depth: $depth,
            );
        }
        $onBottom = $situation->onBottom();
        $behind = abs($line->offsetM) < 0.05 ? 'straight below the rod' : Words::of(
            '{offset} to the side of the rod', offset: $say->depth(abs($line->offsetM)),
        );

        return Words::sentences(
            Words::of(
                $onBottom
                    ? '{name} in {depth}: line leans {angle}, {lineOut} of line out, lure {behind}.'
                    : '{name} in {depth}, held at {held} among the fish. Line leans {angle}, {lineOut} out, lure {behind}.',
                name: $name, depth: $depth, held: $say->depth((float) $situation->workedM()),
                angle: $say->angle($line->lineAngleDeg), lineOut: $say->depth($line->lineOutM), behind: $behind,
            ),
            $candidate->secondsToBottom === null ? '' : Words::of(
                $onBottom ? '{seconds} to the bottom.' : '{seconds} down to them.', seconds: $say->seconds($candidate->secondsToBottom),
            ),
            match (true) {
                $line->holds => '',
                $onBottom => 'It does not hold the bottom.',
                default => 'It does not hold that depth.',
            },
        );
    }
}
