<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Fish;

/** What is on the line, and since when nothing has touched it. */
final readonly class TiedData
{
    public function __construct(
        public string $key,
        public string $quietSince,
    ) {
    }
}
