<?php

declare(strict_types=1);

namespace Eskith\Core\Record;

/** A setup on a rod: from when, and until when it was put away. Seconds. */
final readonly class RodInterval
{
    public function __construct(public string $rod, public float $at, public ?float $until = null)
    {
    }
}
