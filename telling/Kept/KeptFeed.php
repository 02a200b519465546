<?php

declare(strict_types=1);

namespace Eskith\Telling\Kept;

use DateTimeInterface;

/** The instruments on board, as far as it is told whether they are heard. */
final readonly class KeptFeed
{
    public function __construct(public string $address, public int $heard, public int $dropped, public ?DateTimeInterface $seenAt)
    {
    }

    public function isLive(DateTimeInterface $now): bool
    {
        return $this->seenAt !== null && $this->seenAt->getTimestamp() > $now->getTimestamp() - KeptReading::FRESH_S;
    }
}
