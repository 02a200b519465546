<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

use Eskith\Core\Cadence\Cadence;

/** What is to be tied on. */
final readonly class TyingData
{
    public function __construct(public int $lure, public ?string $hole, public ?Cadence $cadence)
    {
    }
}
