<?php

declare(strict_types=1);

namespace App\Data\Plans;

/** What can be laid out, and what is asked for it. */
final readonly class PlanKindData
{
    /** @param  list<PlanFieldData>  $fields */
    public function __construct(public string $kind, public string $word, public array $fields)
    {
    }
}
