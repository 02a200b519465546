<?php

declare(strict_types=1);

namespace App\Presenters\Work;

use Eskith\Core\Cadence\Counts;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Situation;

/** One repeat of a cadence, step by step. */
final class CadenceWords
{
    /** "up quick, down 1, wait 2"; '' where nothing is counted, or the depth is not known. */
    public static function counts(Candidate $candidate, Situation $situation): string
    {
        $column = $situation->columnIfStill;
        $steps = $candidate->cadence === null ? null : $situation->steps($candidate->cadence, $candidate->lure);
        if ($column === null || $steps === null || $steps->fall === FallControl::None || $steps->liftM > $column->depthM) {
            return '';
        }
        $repeat = Repeat::of($steps, $candidate->lure->body, Falling::betweenLifts($candidate, $steps->fall), $column);

        return Counts::of($steps, $steps->liftM / max(0.05, $repeat->fallSeconds))?->words() ?? '';
    }

    /** @return list<string> */
    public static function of(Candidate $candidate, Situation $situation): array
    {
        if ($candidate->cadence === null) {
            return [];
        }
        $steps = $situation->steps($candidate->cadence, $candidate->lure);
        if ($steps->fall === FallControl::None) {
            return ['reel slowly and evenly, just off the bottom'];
        }
        $say = $situation->say;

        return [
            "lift {$say->lift($steps->liftM)} over {$say->seconds($steps->liftSeconds)}",
            $steps->fall->word(),
            ...($steps->pauseSeconds > 0 ? ["wait {$say->seconds($steps->pauseSeconds)}"] : []),
        ];
    }
}
