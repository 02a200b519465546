<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** What an angler has chosen of a rule, as it is kept. */
final readonly class KeptRule
{
    /** @param  string|null  $own  what a rule of the angler's own says, as JSON; null for one of the rule base */
    public function __construct(public string $id, public float $weight, public ?string $own)
    {
    }
}
