<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\Cadence;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Mass;

/** What is on the line now. Equal picks go by how little has to be changed. */
final readonly class TiedOn
{
    public function __construct(public Lure $lure, public ?string $hole, public ?Cadence $cadence)
    {
    }

    public function changesOfLure(Lure $lure): int
    {
        return $lure->id === $this->lure->id ? 0 : max(1,
            (int) ($lure->family !== $this->lure->family)
            + (int) ! Mass::same($lure->massKg, $this->lure->massKg)
            + (int) ($lure->look !== $this->lure->look),
        );
    }
}
