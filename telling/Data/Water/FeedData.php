<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Water;

/** The boat's instruments as last heard. */
final readonly class FeedData
{
    public function __construct(
        public string $address,
        public bool $live,
        public string $words,
    ) {
    }
}
