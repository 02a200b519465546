<?php

declare(strict_types=1);

namespace Eskith\Telling\Work;

use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\Repeat;
use Eskith\Core\Choosing\Candidate;
use Eskith\Core\Choosing\Falling;
use Eskith\Core\Choosing\Schools;
use Eskith\Core\Choosing\Situation;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Words\Words;

/** The two schools of letting a lure down, side by side. */
final class FallWords
{
    /** What the other school would do with this one, and what that trades; null where anglers do not disagree. */
    public static function other(Candidate $candidate, Situation $situation): ?string
    {
        $schools = $situation->schools->withOtherFall($candidate->lure);
        if ($schools === null || ! self::differs($candidate, $situation, $schools)) {
            return null;
        }
        [$mine, $theirs] = [self::time($candidate, $situation), self::time($candidate, $situation->with(schools: $schools))];
        $says = (string) $schools->fallSays($candidate->lure);
        $school = Words::upper((string) $schools->fallWord($candidate->lure));

        return $mine === null || $theirs === null || $mine === $theirs
            ? Words::of('{school}: {says}', school: $school, says: lcfirst($says))
            : Words::of('{school}: {theirs} instead of {mine}. {says}', school: $school, theirs: $theirs, mine: $mine, says: $says);
    }

    /**
     * How long the way down is that the schools differ in, "back down in 0.8 s" or "on the bottom in 9 s"; null when depth was
     * not read or the lift is higher than that.
     */
    public static function time(Candidate $candidate, Situation $situation): ?string
    {
        if ($situation->columnIfStill === null) {
            return null;
        }
        $lure = $candidate->lure;
        if (! $lure->family->hangs()) {
            $fall = Fall::of(
                $lure->body, Falling::toTheBottom($situation, $lure, $candidate->hole(), $candidate->hangAngleDeg),
                $situation->columnIfStill,
            );

            return ($situation->onBottom() ? 'on the bottom in ' : 'among the fish in ').$situation->say->seconds($fall->seconds);
        }
        $steps = $candidate->cadence === null ? null : $situation->steps($candidate->cadence, $lure);
        if ($steps === null || $steps->liftM > $situation->columnIfStill->toM) {
            return null;
        }
        $repeat = Repeat::of($steps, $lure->body, Falling::betweenLifts($candidate, $steps->fall), $situation->columnIfStill);

        return Words::of('back down in {seconds}', seconds: $situation->say->seconds($repeat->fallSeconds));
    }

    /** The way down itself, in a few words: with its time where that differs from one's own. */
    public static function brief(Candidate $candidate, Situation $mine, Situation $theirs): string
    {
        [$own, $other] = [self::time($candidate, $mine), self::time($candidate, $theirs)];
        if ($other !== null && $other !== $own) {
            return $other;
        }

        return $candidate->cadence === null ? '' : $theirs->steps($candidate->cadence, $candidate->lure)->fall->word();
    }

    private static function differs(Candidate $candidate, Situation $situation, Schools $schools): bool
    {
        if ($candidate->lure->isSpoon() || $candidate->cadence === null) {
            return $candidate->lure->isSpoon();
        }
        $fall = static fn (Situation $by): FallControl => $by->steps($candidate->cadence, $candidate->lure)->fall;

        return $fall($situation) !== $fall($situation->with(schools: $schools));
    }
}
