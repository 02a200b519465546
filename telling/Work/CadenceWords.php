<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\Counts;
use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\CastOut;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Words\Words;

/** One repeat of a cadence, step by step. */
final class CadenceWords
{
    /** "up quick, down 1, wait 2"; '' where nothing is counted, or the depth is not known. */
    public static function counts(Candidate $candidate, Situation $situation): string
    {
        $column = $situation->columnIfStill;
        $steps = $candidate->cadence === null ? null : $situation->steps($candidate->cadence, $candidate->lure);
        if ($column === null || $steps === null || $steps->fall === FallControl::None) {
            return '';
        }
        $repeat = self::repeat($candidate, $situation);
        if ($repeat === null) {
            return '';
        }

        return Counts::of($steps, $steps->liftM / max(0.05, $repeat->fallSeconds))?->words() ?? '';
    }

    /** One repeat of its cadence: straight down by what is lifted, cast by as much as that raises it; null where none can be. */
    public static function repeat(Candidate $candidate, Situation $situation): ?Repeat
    {
        $column = $situation->columnIfStill;
        if ($column === null || $candidate->cadence === null) {
            return null;
        }
        $steps = $situation->steps($candidate->cadence, $candidate->lure);
        try {
            return Repeat::of(
                $steps, $candidate->lure->body, Falling::betweenLifts($candidate, $steps->fall), $column,
                $situation->vertical() ? null : CastOut::of($candidate, $situation)->cast->riseM($steps->liftM),
            );
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Where a lure is reeled that is not lifted. */
    public static function reeled(Situation $situation): string
    {
        return match (true) {
            ! $situation->onBottom() => 'through the fish',
            $situation->weedy() => 'just over the weed',
            default => 'just off the bottom',
        };
    }

    /** @return list<string> "stop at 11 ft: count 4", for fish that hang in the water */
    private static function stop(Candidate $candidate, Situation $situation): array
    {
        $column = $situation->columnIfStill;
        if ($column === null || ! $column->hung) {
            return [];
        }
        try {
            $seconds = $situation->vertical() ? $candidate->secondsToBottom : CastOut::of($candidate, $situation)->cast->downS;
        } catch (InvalidInput) {
            return [];
        }

        return $seconds === null ? [] : [Words::of(
            'stop at {to}: count {seconds}', to: $situation->say->depth($column->toM), seconds: max(1, round($seconds)),
        )];
    }

    /** @return list<string> */
    public static function of(Candidate $candidate, Situation $situation): array
    {
        if ($candidate->cadence === null) {
            return [];
        }
        $steps = $situation->steps($candidate->cadence, $candidate->lure);
        $stop = self::stop($candidate, $situation);
        if ($steps->fall === FallControl::None) {
            return [...$stop, Words::of('reel slowly and evenly, {reeled}', reeled: self::reeled($situation))];
        }
        $say = $situation->say;

        return [
            ...$stop,
            Words::of(
                $situation->vertical() ? 'lift {lift} over {seconds}' : 'pull {lift} over {seconds}',
                lift: $say->lift($steps->liftM), seconds: $say->seconds($steps->liftSeconds),
            ),
            $steps->fall->word(),
            ...($steps->pauseSeconds > 0 ? [Words::of('wait {seconds}', seconds: $say->seconds($steps->pauseSeconds))] : []),
        ];
    }
}
