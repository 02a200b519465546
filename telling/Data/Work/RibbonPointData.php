<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** s since a repeat began, and m above the bottom. */
final readonly class RibbonPointData
{
    public function __construct(public float $t, public float $h)
    {
    }
}
