<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** A main line one may have on the reel. */
final readonly class LineData
{
    public function __construct(public int $id, public string $name, public string $diameter, public bool $inUse)
    {
    }
}
