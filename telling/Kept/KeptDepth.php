<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** At which depth something bit here before, m under the surface. */
final readonly class KeptDepth
{
    public function __construct(public string $kind, public float $depthM)
    {
    }
}
