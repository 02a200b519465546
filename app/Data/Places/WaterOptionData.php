<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A water to choose. */
final readonly class WaterOptionData
{
    public function __construct(public int $id, public string $name, public string $words)
    {
    }
}
