<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** How the boat drifts by the fixes of a phone. */
final readonly class PhoneDriftData
{
    /**
     * @param  string  $sentence  what it does, or what is still needed
     * @param  string|null  $distance  how far it goes in the time beside it, as both would be typed; null until it is known
     */
    public function __construct(public string $sentence, public ?string $distance, public ?string $seconds)
    {
    }
}
