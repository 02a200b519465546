<?php

declare(strict_types=1);

namespace App\Data\Places;

/** A part of the day: light, or a tide that runs. */
final readonly class SpanData
{
    public function __construct(public string $from, public string $to, public string $what)
    {
    }
}
