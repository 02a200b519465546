<?php

declare(strict_types=1);

namespace Eskith\Telling\Data\Work;

/** A cadence with the numbers it is worked with, as typed. */
final readonly class CadenceData
{
    /** @param  string  $usual  what it is first tried with, in words */
    public function __construct(
        public string $name,
        public string $word,
        public string $says,
        public string $lift,
        public string $seconds,
        public string $pause,
        public string $usual,
        public bool $own,
        public bool $hasNumbers,
    ) {
    }
}
