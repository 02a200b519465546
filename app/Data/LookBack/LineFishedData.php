<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** A line on a chart, and what fishing along it has brought. */
final readonly class LineFishedData
{
    /**
     * @param  string  $fished  how much of it in all, over all of the outings
     * @param  string  $bites  with their rate, where enough of it was fished
     * @param  string  $doubt  why it says little yet; '' where it does not
     */
    public function __construct(
        public string $name,
        public string $fished,
        public string $bites,
        public string $doubt,
    ) {
    }
}
