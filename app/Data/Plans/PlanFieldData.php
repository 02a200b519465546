<?php

declare(strict_types=1);

namespace App\Data\Plans;

/** A field of a plan, with what is usual. */
final readonly class PlanFieldData
{
    public function __construct(public string $name, public string $label, public string $usual)
    {
    }
}
