<?php

declare(strict_types=1);

namespace Eskith\Core\Balance;

use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\Constants;

/** How a lure hangs from a hole. */
final class Hang
{
    /** β = atan2(x_h − x_c, y_h − y_c), degrees, nose-down positive. */
    public static function angleDeg(Point $hole, Point $balance): float
    {
        return rad2deg(atan2($hole->x - $balance->x, $hole->y - $balance->y));
    }

    /**
     * The hang angle of a lure from one of its holes; a blade without holes or balance point hangs at the estimate; null for
     * other lures without.
     */
    public static function ofLure(Lure $lure, ?Hole $hole): ?float
    {
        if ($hole !== null && $lure->balance !== null) {
            return self::angleDeg($hole->at, $lure->balance);
        }

        return $lure->family->hangs() ? Constants::BLADE_HANG_DEG : null;
    }
}
