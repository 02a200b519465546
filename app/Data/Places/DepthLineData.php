<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A line of one depth: m east and north, one after the other. */
final readonly class DepthLineData
{
    /** @param  list<float>  $points */
    public function __construct(public string $text, public float $depthM, public bool $strong, public array $points)
    {
    }
}
