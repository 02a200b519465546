<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** What the signs on and in the water say about where the fish are. */
final class Signs
{
    /**
     * @param  string|null  $level  low, normal, high
     * @param  string|null  $levelTrend  falling, steady, rising
     * @param  string|null  $weed  none, green, dying
     * @param  string|null  $bait  none, some, chased
     * @return list<string>
     */
    public static function read(?string $level, ?string $levelTrend, ?string $weed, ?string $bait, ?bool $birds): array
    {
        return [
            ...($weed === 'green' ? ['Green weed holds fish: look along its edge.'] : []),
            ...($weed === 'dying' ? ['Dying weed lets fish go: they gather on the first breaks outside it.'] : []),
            ...($bait === 'chased' || $birds === true ? [match (true) {
                $bait === 'chased' && $birds === true => 'Birds and chased bait mean active fish: set them to active, and look higher up.',
                $birds === true => 'Working birds mean active fish: set them to active, and look higher up.',
                default => 'Chased bait means active fish: set them to active, and look higher up.',
            }] : []),
            ...($level === 'high' || $levelTrend === 'rising' ? ['High or rising water spreads fish out: look in slack water first.'] : []),
            ...($levelTrend === 'falling' ? ['Falling water pulls fish off the flats: look on the first edge outside.'] : []),
        ];
    }
}
