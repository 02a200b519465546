<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** The season of a day, by the months as anglers count them: winter is December to February in the north. */
enum Season: string
{
    case Spring = 'spring';
    case Summer = 'summer';
    case Autumn = 'autumn';
    case Winter = 'winter';

    /** @param  int  $month  1 to 12 */
    public static function of(int $month, ?float $latitude): self
    {
        // The south has them half a year later.
        $month = $latitude !== null && $latitude < 0.0 ? ($month + 5) % 12 + 1 : $month;

        return match (true) {
            $month >= 3 && $month <= 5 => self::Spring,
            $month >= 6 && $month <= 8 => self::Summer,
            $month >= 9 && $month <= 11 => self::Autumn,
            default => self::Winter,
        };
    }
}
