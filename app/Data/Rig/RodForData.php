<?php

declare(strict_types=1);

namespace App\Data\Rig;

/** A rod on which a pick can be tied, and what has to be changed there. */
final readonly class RodForData
{
    public function __construct(public string $uuid, public string $name, public string $words)
    {
    }
}
