<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

/** What readings stand together, in the order in which one looks. */
enum Group: string
{
    case Water = 'Water';
    case Depth = 'Depth';
    case Movement = 'Movement';
    case Signs = 'Signs';
    case Fish = 'Fish';
    case Work = 'Work';
    case Care = 'Care';

    /** How far its readings hold, but for those that say otherwise. */
    public function holds(): Holds
    {
        return match ($this) {
            self::Depth => Holds::AtSpot,
            self::Water, self::Signs, self::Fish, self::Care => Holds::OnWater,
            self::Movement, self::Work => Holds::AllDay,
        };
    }
}
