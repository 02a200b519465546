<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** One of the two schools of striking. */
final readonly class StrikeData
{
    public function __construct(public string $word, public string $says)
    {
    }
}
