<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** What bit where, by the tracks of a phone. */
final readonly class PlacesFishedData
{
    /** @param  list<WaterFishedData>  $waters */
    public function __construct(public string $headline, public string $under, public array $waters)
    {
    }
}
