<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What can be tied on with one tap, by name and by hole and cadence. */
final readonly class TieableData
{
    public function __construct(public string $words, public string $way, public TyingData $tying)
    {
    }
}
