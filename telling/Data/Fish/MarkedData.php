<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A place that was marked today. */
final readonly class MarkedData
{
    public function __construct(public string $uuid, public string $word, public string $at)
    {
    }
}
