<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Words\Words;

/** Lifts that were made, said against the lift that is wanted. */
final class LiftWords
{
    /** Unevenness that a phone's own jitter makes: below it nothing is said. */
    private const JITTER = 0.05;

    /** Share by which one half of a lift, or its speed, is otherwise before that is said. */
    private const FELT = 0.1;

    /** "5.2 s, 8 % uneven, faster in the first half" */
    public static function of(LiftTrace $lift): string
    {
        $half = $lift->secondToFirst;

        return implode(', ', array_filter([
            round($lift->durationS, $lift->durationS < 10 ? 1 : 0)."\u{A0}s",
            $lift->cv < self::JITTER ? 'even' : round(100 * $lift->cv)."\u{A0}% uneven",
            match (true) {
                $half === null, $half > 1 + self::FELT => 'faster in the second half',
                $half < 1 - self::FELT => 'faster in the first half',
                default => '',
            },
        ]));
    }

    /**
     * "ten lifts within 6 % of each other"; '' for a single one
     *
     * @param  non-empty-list<LiftTrace>  $lifts
     */
    public static function together(array $lifts): string
    {
        $spread = LiftTrace::betweenCv($lifts);
        $words = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
        $named = $words[count($lifts) - 1] ?? (string) count($lifts);

        return $spread === null ? '' : Words::of(
            "{named} lifts within {spread}\u{A0}% of each other", named: $named, spread: max(1, (int) round(100 * $spread)),
        );
    }

    /** How its speed stands to the one that is wanted. */
    public static function against(LiftTrace $lift, Steps $wanted): string
    {
        $ratio = $lift->meanMs / ($wanted->liftM / $wanted->liftSeconds);

        return match (true) {
            abs($ratio - 1) <= self::FELT => 'as fast as wanted',
            $ratio > 2.0 => Words::of('{ratio} times as fast as wanted', ratio: round($ratio, 1)),
            $ratio > 1.0 => Words::of("{ratio}\u{A0}% faster than wanted", ratio: round(100 * ($ratio - 1))),
            default => Words::of("{ratio}\u{A0}% slower than wanted", ratio: round(100 * (1 - $ratio))),
        };
    }
}
