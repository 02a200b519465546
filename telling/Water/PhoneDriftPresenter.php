<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\DriftFit;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Asked;
use Eskith\Telling\Data\Water\PhoneDriftData;

/** The drift of the boat, from where a phone was. */
final class PhoneDriftPresenter
{
    /** m/s that no phone is surer of than. */
    private const LEAST_MS = 0.01;

    /** s over which the way is told that it goes. */
    private const OVER_S = 60;

    /**
     * @param  Asked  $asked  as FixRows reads it
     *
     * @throws InvalidInput when one of them is none
     */
    public static function of(UnitSet $units, Asked $asked): PhoneDriftData
    {
        $read = FixRows::of($asked)->way;
        $fit = DriftFit::of($read);
        if ($fit === null) {
            $seconds = (int) round(DriftFit::secondsSoFar($read));

            return new PhoneDriftData($seconds === 0
                ? 'Under way, or not heard yet. Let the boat drift for a minute.'
                : Words::of('{seconds} s of drift so far. Let it go on for a minute.', seconds: $seconds), null, null);
        }
        $say = new UnitFormat($units);
        $toward = $fit->towardDeg === null || $fit->withinDeg === null
            ? 'The boat as good as lies still'
            : Words::of(
                'Drifting {speed} toward the {near}', speed: $say->speed($fit->speedMs), near: WindFrom::near($fit->towardDeg)->word(),
            );
        $metres = $fit->speedMs * self::OVER_S;

        return new PhoneDriftData(
            "{$toward}, ±\u{00A0}{$say->speed(max(self::LEAST_MS, $fit->withinMs))}.",
            round($units->depth->fromSi($metres), 1)." {$units->depth->symbol()}",
            self::OVER_S.' s',
        );
    }
}
