<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Water\Bottom;

/** What goes before a ranking, told apart from its reasons. */
enum Note: string
{
    /** Every lure with bare hooks fouls in the weed. */
    case WeedEdge = 'weed_edge';

    /** Fish hang in the water at a depth that nobody has read. */
    case FishDepthAssumed = 'fish_depth_assumed';

    /**
     * @param  list<Pick>  $ranked  best first
     * @return list<self>
     */
    public static function of(array $ranked, Situation $situation): array
    {
        $fouls = $ranked !== [] && $ranked[0]->candidate->lure->weedless === false
            && $situation->onBottom() && $situation->water->bottom === Bottom::WeedThick;

        return [...($fouls ? [self::WeedEdge] : []), ...($situation->isFishDepthAssumed() ? [self::FishDepthAssumed] : [])];
    }
}
