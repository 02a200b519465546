<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

/** A bite of the day: on what, and when, in s since the epoch. */
final readonly class KeptBite
{
    public function __construct(public int $setup, public ?float $at)
    {
    }
}
