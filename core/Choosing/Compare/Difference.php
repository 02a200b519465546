<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Compare;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\RestingLine;
use Eskith\Core\Words\Words;

/** What a second drop does otherwise than the first, in words. */
final class Difference
{
    /** @return list<string> one sentence for each thing that differs; one that says so when nothing does */
    public static function words(Candidate $first, Situation $at, Candidate $second, Situation $there): array
    {
        $say = $at->say;
        $said = [];
        $lean = $second->weighed->leanDeg() - $first->weighed->leanDeg();
        if ($first->weighed->angleKnown && $second->weighed->angleKnown && abs($lean) >= 0.5) {
            $said[] = $second->weighed->lineAngleDeg === null
                ? 'It never reaches the bottom in this flow.'
                : Words::of(
                    $lean < 0 ? 'Leans {angle}, {by} less.' : 'Leans {angle}, {by} more.',
                    angle: $say->angle($second->weighed->leanDeg()), by: $say->angle($lean),
                );
        }
        $seconds = ($second->secondsToBottom ?? 0.0) - ($first->secondsToBottom ?? 0.0);
        if (abs($seconds) >= 0.5) {
            $said[] = Words::of(
                $seconds < 0 ? 'Down in {seconds}, {by} sooner.' : 'Down in {seconds}, {by} later.',
                seconds: $say->seconds((float) $second->secondsToBottom), by: $say->seconds(abs($seconds)),
            );
        }
        $aside = self::aside($second, $there) - self::aside($first, $at);
        if ($second->weighed->lineAngleDeg !== null && abs($aside) >= 0.1) {
            $said[] = Words::of(
                $aside < 0 ? 'Lies {by} nearer to the side.' : 'Lies {by} farther to the side.', by: $say->depth(abs($aside)),
            );
        }
        $hang = ($second->hangAngleDeg ?? 0.0) - ($first->hangAngleDeg ?? 0.0);
        if (abs($hang) >= 1) {
            $said[] = Words::of($hang > 0 ? 'Hangs {by} steeper.' : 'Hangs {by} flatter.', by: $say->angle($hang));
        }

        return $said === [] ? ['No difference that you would notice.'] : $said;
    }

    private static function aside(Candidate $candidate, Situation $situation): float
    {
        return $situation->columnIfStill === null
            ? 0.0
            : abs(RestingLine::of($candidate->lure->body, $situation->columnIfStill)->offsetM ?? 0.0);
    }
}
