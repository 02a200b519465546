<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

/** A lure on its way down: seconds since the surface, metres below it, metres carried down-flow. */
final readonly class FallPoint
{
    public function __construct(public float $seconds, public float $depthM, public float $acrossM)
    {
    }
}
