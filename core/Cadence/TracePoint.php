<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** Where the lure is in a repeat: s since it began, m above the bottom. */
final readonly class TracePoint
{
    public function __construct(public float $seconds, public float $heightM)
    {
    }
}
