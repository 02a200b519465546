<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Telling\Kept\Measured;

/** What a measurement comes to. */
final readonly class MeasurementMade
{
    /**
     * @param  Measured|null  $row  what takes the place of an estimate; null where it says nothing of one
     * @param  string  $said  what it changes, in a sentence
     * @param  string|null  $drift  today's, where it was measured, as it would be typed
     */
    public function __construct(public ?Measured $row, public string $said, public ?string $drift = null)
    {
    }
}
