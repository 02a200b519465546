<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** When the light goes and when the water stands; null where that is not known. */
final readonly class SkyData
{
    /** @param  string  $tide  "high" or "low"; '' on water without a tide */
    public function __construct(public ?string $sunset, public ?string $slack, public string $tide)
    {
    }
}
