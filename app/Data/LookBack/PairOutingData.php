<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** An outing in which both of a pair were fished: "6 in 2.5 h" of each. */
final readonly class PairOutingData
{
    public function __construct(public string $uuid, public string $at, public string $more, public string $less)
    {
    }
}
