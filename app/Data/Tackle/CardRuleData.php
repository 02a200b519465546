<?php

declare(strict_types=1);

namespace App\Data\Tackle;

/** A line of the angler's own card, as typed and in words. */
final readonly class CardRuleData
{
    /** @param  array<string, string>  $fields  as typed */
    public function __construct(public int $id, public string $species, public string $words, public array $fields)
    {
    }
}
