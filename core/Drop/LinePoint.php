<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

/** A point of the line: metres down-flow of the lure and metres above the bottom. */
final readonly class LinePoint
{
    public function __construct(public float $acrossM, public float $heightM)
    {
    }
}
