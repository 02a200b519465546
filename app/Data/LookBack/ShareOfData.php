<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** So many of so many, with the 80 % interval; shares of 1. */
final readonly class ShareOfData
{
    public function __construct(public int $count, public int $of, public float $mean, public float $low, public float $high)
    {
    }
}
