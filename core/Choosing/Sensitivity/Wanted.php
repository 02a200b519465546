<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Sensitivity;

use Eskith\Core\Choosing\Reading;
use Eskith\Core\Tackle\Lure;

/** A reading that is missing and would matter: in what share of its values another lure would come on top, and one of them. */
final readonly class Wanted
{
    public function __construct(public Reading $reading, public float $share, public float|string $at, public Lure $lure)
    {
    }
}
