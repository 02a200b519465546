<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** One wave of a tide. */
final readonly class TideWave
{
    public function __construct(public float $amplitudeM, public float $speedDegH, public float $phaseDeg)
    {
    }
}
