<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Units\UnitSet;
use Eskith\Core\Water\DriftFit;
use Eskith\Core\Water\Frame;
use Eskith\Core\Water\Position;
use Eskith\Core\Water\WindFrom;
use Eskith\Telling\Asked;
use Eskith\Telling\Data\Water\PhoneDriftData;

/** The drift of the boat, from where a phone was. */
final class PhoneDriftPresenter
{
    /** Fixes that are looked at: one a second over the time that counts, and some to spare. */
    private const MOST = 400;

    /** m/s that no phone is surer of than. */
    private const LEAST_MS = 0.01;

    /** s over which the way is told that it goes. */
    private const OVER_S = 60;

    /**
     * @param  Asked  $asked  `fixes`, each a list of s, degrees north, degrees east, and m within which it lies; in order
     *
     * @throws InvalidInput when one of them is none
     */
    public static function of(UnitSet $units, Asked $asked): PhoneDriftData
    {
        $read = self::read($asked);
        $fit = DriftFit::of($read);
        if ($fit === null) {
            $seconds = (int) round(DriftFit::secondsSoFar($read));

            return new PhoneDriftData($seconds === 0
                ? 'Under way, or not heard yet. Let the boat drift for a minute.'
                : "{$seconds} s of drift so far. Let it go on for a minute.", null, null);
        }
        $say = new UnitFormat($units);
        $toward = $fit->towardDeg === null || $fit->withinDeg === null
            ? 'The boat as good as lies still'
            : 'Drifting '.$say->speed($fit->speedMs).' toward the '.WindFrom::near($fit->towardDeg)->word();
        $metres = $fit->speedMs * self::OVER_S;

        return new PhoneDriftData(
            "{$toward}, ±\u{00A0}{$say->speed(max(self::LEAST_MS, $fit->withinMs))}.",
            round($units->depth->fromSi($metres), 1)." {$units->depth->symbol()}",
            self::OVER_S.' s',
        );
    }

    /**
     * @return list<array{float, Position}>
     *
     * @throws InvalidInput
     */
    private static function read(Asked $asked): array
    {
        $frame = null;
        $read = [];
        $each = 'A fix is seconds, two degrees, and how sure it is in metres.';
        foreach ($asked->rows('fixes', 4, self::MOST, $each) as [$at, $latitude, $longitude, $within]) {
            if ($within > Position::SURE_M) {
                continue;
            }
            $frame ??= Frame::of($latitude, $longitude);
            if (! $frame->reaches($latitude, $longitude)) {
                throw InvalidInput::because('fixes', 'These fixes are not of one water.');
            }
            $read[] = [$at, $frame->position($latitude, $longitude)];
        }

        return $read;
    }
}
