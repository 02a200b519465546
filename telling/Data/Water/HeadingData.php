<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** Where a phone pointed. */
final readonly class HeadingData
{
    /**
     * @param  string  $sentence  where, or what to do so that it is known
     * @param  string|null  $degrees  as it would be typed; null where it was not held still
     * @param  string|null  $point  one of the eight
     */
    public function __construct(public string $sentence, public ?string $degrees, public ?string $point)
    {
    }
}
