<?php

declare(strict_types=1);

namespace Eskith\Telling\Day;

use Eskith\Core\Cadence\Cadence;

/** What is tied on a rod: the lure, its hole and how it is worked; no lure where it is other bait. */
final readonly class OnTheRod
{
    public function __construct(public ?int $lure, public ?string $hole, public ?Cadence $cadence)
    {
    }
}
