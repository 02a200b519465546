<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

/** Where a wall eases between steeper parts. Metres along its section, deep, and wide. */
final readonly class Ledge
{
    public function __construct(public float $alongM, public float $depthM, public float $wideM)
    {
    }
}
