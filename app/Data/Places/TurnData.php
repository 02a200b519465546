<?php

declare(strict_types=1);

namespace App\Data\Places;

/** High or low water. */
final readonly class TurnData
{
    public function __construct(public string $at, public string $kind, public string $height)
    {
    }
}
