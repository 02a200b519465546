<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Heading;
use Eskith\Core\Water\WindFrom;
use Eskith\Core\Words\Words;
use Eskith\Telling\Asked;
use Eskith\Telling\Data\Water\HeadingData;

/** Where a phone pointed. */
final class HeadingPresenter
{
    /** Samples that are looked at: some seconds of the quickest sensor. */
    private const MOST = 1_000;

    /**
     * @param  Asked  $asked  `samples`, each a list of s, degrees from north, and degrees from level; in order
     *
     * @throws InvalidInput when one of them is none
     */
    public static function of(Asked $asked): HeadingData
    {
        $read = [];
        foreach ($asked->rows('samples', 3, self::MOST, 'A sample is seconds, a heading and a lean.') as [$at, $degrees, $lean]) {
            if (abs($degrees) > 720 || abs($lean) > 180) {
                throw InvalidInput::because('samples', 'No compass points there.');
            }
            $read[] = [$at, $degrees, abs($lean)];
        }
        $heading = Heading::of($read);
        if ($heading === null) {
            return new HeadingData('It was never flat and still for a second. Point it and try again.', null, null);
        }
        [$degrees, $within] = [(int) round($heading->degrees) % 360, max(1, (int) round($heading->withinDeg))];
        $point = WindFrom::near($heading->degrees);

        return new HeadingData(
            Words::of(
                "{point}: {degrees}°, ±\u{A0}{within}°, by the compass.",
                point: ucfirst($point->word()), degrees: $degrees, within: $within,
            ), "{$degrees}°", $point->value,
        );
    }
}
