<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Compare;

use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\RestingLine;

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
                : "Leans {$say->angle($second->weighed->leanDeg())}, {$say->angle($lean)} ".($lean < 0 ? 'less.' : 'more.');
        }
        $seconds = ($second->secondsToBottom ?? 0.0) - ($first->secondsToBottom ?? 0.0);
        if (abs($seconds) >= 0.5) {
            $said[] = "Down in {$say->seconds((float) $second->secondsToBottom)}, {$say->seconds(abs($seconds))} ".(
                $seconds < 0 ? 'sooner.' : 'later.'
            );
        }
        $aside = self::aside($second, $there) - self::aside($first, $at);
        if ($second->weighed->lineAngleDeg !== null && abs($aside) >= 0.1) {
            $said[] = "Lies {$say->depth(abs($aside))} ".($aside < 0 ? 'nearer' : 'farther').' to the side.';
        }
        $hang = ($second->hangAngleDeg ?? 0.0) - ($first->hangAngleDeg ?? 0.0);
        if (abs($hang) >= 1) {
            $said[] = "Hangs {$say->angle($hang)} ".($hang > 0 ? 'steeper.' : 'flatter.');
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
