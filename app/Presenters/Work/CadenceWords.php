<?php

declare(strict_types=1);

namespace App\Presenters\Work;

use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Situation;

/** One repeat of a cadence, step by step. */
final class CadenceWords
{
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
