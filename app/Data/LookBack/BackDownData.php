<?php

declare(strict_types=1);

namespace App\Data\LookBack;

/** How often a bite followed a fish, by how long it took to be back down. */
final readonly class BackDownData
{
    public function __construct(public string $words, public ShareOfData $share)
    {
    }
}
