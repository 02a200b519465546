<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use DateTimeInterface;
use Eskith\Core\Words\Words;
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
            $feed->isLive($now) => Words::of(
                'Instruments at {address} are heard: {heard} sentences, {dropped} dropped.',
                address: $feed->address, heard: $feed->heard, dropped: $feed->dropped,
            ),
            $feed->seenAt === null => Words::of('Instruments at {address} have not been heard yet.', address: $feed->address),
            default => Words::of('Instruments at {address} are silent; their readings are marked stale.', address: $feed->address),
        };

        return new FeedData($feed->address, $feed->isLive($now), $words);
    }
}
