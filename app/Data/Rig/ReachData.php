<?php

declare(strict_types=1);

namespace App\Data\Rig;

/** How far down a line of one material still drives a hook with this rod. */
final readonly class ReachData
{
    /** @param  float  $share  of the farthest that is drawn */
    public function __construct(public string $material, public float $share, public string $text, public bool $mine)
    {
    }
}
