<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** What the record says to where anglers disagree. */
final readonly class DisputeData
{
    public function __construct(public string $about, public string $words, public string $standing)
    {
    }
}
