<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** A water, and its lines along which a phone's boat fished. */
final readonly class WaterFishedData
{
    /** @param  list<LineFishedData>  $lines  the one with most bites for its length first */
    public function __construct(public int $id, public string $name, public array $lines)
    {
    }
}
