<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Bites of an outing at a depth and in a phase. */
final readonly class BitesAtData
{
    public function __construct(public float $depthM, public string $came, public bool $landed, public int $count)
    {
    }
}
