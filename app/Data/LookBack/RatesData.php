<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** Rates of one factor, highest first, and what may be said of them. */
final readonly class RatesData
{
    /** @param  list<DotData>  $dots */
    public function __construct(public string $factor, public string $words, public array $dots)
    {
    }
}
