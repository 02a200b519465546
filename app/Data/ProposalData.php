<?php

declare(strict_types=1);

namespace App\Data;

/** A lure proposed from a few typed words. */
final readonly class ProposalData
{
    public function __construct(
        public string $family,
        public string $weight,
        public string $finish,
        public int $holes,
        public bool $red,
        public int $quantity,
        public string $words,
    ) {
    }
}
