<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Tilt;
use Eskith\Core\Words\Words;
use Eskith\Telling\Asked;
use Eskith\Telling\Data\Water\LineTiltData;

/** How far the line leans, from a phone that was held along it. */
final class LineTiltPresenter
{
    /** Samples that are looked at: some seconds of the quickest sensor. */
    private const MOST = 2_000;

    /** m/s² that no hand gives a phone. */
    private const FEELS = 200.0;

    /**
     * @param  Asked  $asked  `samples`, each a list of s, and m/s² across, along and out of the phone; in order
     *
     * @throws InvalidInput when one of them is none
     */
    public static function of(Asked $asked): LineTiltData
    {
        $read = [];
        foreach ($asked->rows('samples', 4, self::MOST, 'A sample is seconds, and three accelerations.') as [$at, $across, $along, $out]) {
            if (max(abs($across), abs($along), abs($out)) > self::FEELS) {
                throw InvalidInput::because('samples', 'No phone feels that much.');
            }
            $read[] = [$at, $across, $along, $out];
        }
        $tilt = Tilt::of($read);
        if ($tilt === null) {
            return new LineTiltData('It was never still for a second. Hold it against the line and try again.', null);
        }
        [$angle, $within] = [(int) round($tilt->degrees), max(1, (int) round($tilt->withinDeg))];

        return new LineTiltData(Words::of("The line leans {angle}°, ±\u{A0}{within}°.", angle: $angle, within: $within), "{$angle}°");
    }
}
