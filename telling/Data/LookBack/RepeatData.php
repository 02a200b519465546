<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\LookBack;

/** A moment worth repeating: when, what, the address that shows it, and the setup that can be set up again. */
final readonly class RepeatData
{
    public function __construct(public string $at, public string $words, public string $address, public string $setup)
    {
    }
}
