<?php

declare(strict_types=1);

namespace App\Data\Tackle;

use Eskith\Core\Tackle\Family;

/** A lure proposed from a few typed words. */
final readonly class ProposalData
{
    public function __construct(
        public Family $family,
        public string $weight,
        public string $finish,
        public int $holes,
        public bool $red,
        public int $quantity,
        public string $words,
    ) {
    }
}
