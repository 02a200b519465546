<?php

declare(strict_types=1);

namespace App\Data\Plans;

/** m east and north. */
final readonly class PlanPointData
{
    public function __construct(public float $x, public float $y)
    {
    }
}
