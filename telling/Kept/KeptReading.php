<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use DateTimeInterface;

/** A reading as it is kept: the spot one is at stands among them. */
final readonly class KeptReading
{
    /** s for which what an instrument said is fresh. */
    public const FRESH_S = 10;

    public function __construct(
        public string $name,
        public string $text,
        public ?float $si,
        public string $source,
        public ?DateTimeInterface $readAt,
        public bool $pinned,
    ) {
    }
}
