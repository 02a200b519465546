<?php

declare(strict_types=1);

namespace App\Presenters\Water;

use App\Models\Feed;
use Eskith\Telling\Data\Water\FeedData;

/** Puts the state of the instruments into words. */
final class FeedPresenter
{
    public static function of(?Feed $feed): ?FeedData
    {
        if ($feed === null) {
            return null;
        }
        $words = match (true) {
            $feed->isLive() => "Instruments at {$feed->address} are heard: {$feed->heard} sentences, {$feed->dropped} dropped.",
            $feed->seen_at === null => "Instruments at {$feed->address} have not been heard yet.",
            default => "Instruments at {$feed->address} are silent; their readings are marked stale.",
        };

        return new FeedData($feed->address, $feed->isLive(), $words);
    }
}
