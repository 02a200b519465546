<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** What was touched today, and how it was worked then. */
final readonly class TouchedData
{
    /** @param  bool  $same  whether it is still worked so */
    public function __construct(
        public string $key,
        public string $at,
        public string $words,
        public string $cadence,
        public string $lift,
        public string $seconds,
        public string $pause,
        public bool $same,
    ) {
    }
}
