<?php

declare(strict_types=1);

namespace Eskith\Telling\Readings;

use DateTimeInterface;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\KeptReading;

/** A reading as it stands: what was typed, its SI value if it is a measure, whence and when. */
final readonly class Entry
{
    public function __construct(
        public string $name,
        public string $text,
        public ?float $si,
        public Source $source,
        public ?DateTimeInterface $readAt = null,
        public bool $pinned = false,
    ) {
    }

    /** An instrument's reading that has not been renewed for a while. */
    public function isStale(DateTimeInterface $now): bool
    {
        return $this->source === Source::Instrument
            && $this->readAt !== null
            && $this->readAt->getTimestamp() < $now->getTimestamp() - KeptReading::FRESH_S;
    }
}
