<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** High or low water: slack. */
final readonly class TideTurn
{
    public function __construct(public float $atH, public float $heightM, public bool $high)
    {
    }
}
