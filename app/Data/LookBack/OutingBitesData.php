<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** An outing on the line of the season. */
final readonly class OutingBitesData
{
    /** @param  list<BitesAtData>  $bites */
    public function __construct(
        public string $uuid, public string $place, public string $at, public string $temp, public ?float $tempC, public float $hours,
        public int $touches, public int $landed, public array $bites,
    ) {
    }
}
