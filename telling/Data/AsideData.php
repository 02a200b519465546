<?php

declare(strict_types=1);

namespace Eskith\Telling\Data;

/** Something kept that cannot be used, what would mend it, and by what it is known. */
final readonly class AsideData
{
    public function __construct(
        public string $words,
        public string $mend,
        public string $part,
        public string $key,
    ) {
    }
}
