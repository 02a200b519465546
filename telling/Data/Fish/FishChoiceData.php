<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** A fish that can be logged: what to mind with it, and what the angler's own card says of it here. '' where nothing. */
final readonly class FishChoiceData
{
    public function __construct(public string $value, public string $word, public string $care, public string $card)
    {
    }
}
