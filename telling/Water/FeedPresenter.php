<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use DateTimeInterface;
use Eskith\Telling\Data\Water\FeedData;
use Eskith\Telling\Kept\KeptFeed;

/** Puts the state of the instruments into words. */
final class FeedPresenter
{
    public static function of(?KeptFeed $feed, DateTimeInterface $now): ?FeedData
    {
        if ($feed === null) {
            return null;
        }
        $words = match (true) {
            $feed->isLive($now) => "Instruments at {$feed->address} are heard: {$feed->heard} sentences, {$feed->dropped} dropped.",
            $feed->seenAt === null => "Instruments at {$feed->address} have not been heard yet.",
            default => "Instruments at {$feed->address} are silent; their readings are marked stale.",
        };

        return new FeedData($feed->address, $feed->isLive($now), $words);
    }
}
