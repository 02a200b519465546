<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** A moment worth repeating: when, what, and the address that sets it up again. */
final readonly class RepeatData
{
    public function __construct(public string $at, public string $words, public string $address)
    {
    }
}
