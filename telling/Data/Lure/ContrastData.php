<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Lure;

/** A rule that sets two picks apart: by how much, and what it says of each. */
final readonly class ContrastData
{
    public function __construct(
        public string $rule,
        public float $lead,
        public ?ReasonData $first,
        public ?ReasonData $second,
    ) {
    }
}
