<?php

declare(strict_types=1);

namespace App\Data\Places;

/** The wind as it was read: from where, whither a boat drifts, and how far in ten minutes. */
final readonly class WindData
{
    public function __construct(public float $fromDeg, public string $words, public ?float $driftM, public string $driftWords)
    {
    }
}
