<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

use Eskith\Core\Cadence\FallControl;
use Eskith\Core\Cadence\SpoonFall;
use Eskith\Core\Drop\Fall;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;

/** How a lure lies in the water as it falls: as the angler timed it, else as its family and the angler's school have it. */
final class Falling
{
    /** As timed, else as usual for its family. */
    public static function usual(Lure $lure, ?Hole $hole, ?float $hangDeg): Attitude
    {
        $measured = $lure->measuredDrag[$hole->name ?? ''] ?? null;

        return $measured === null ? Attitude::usual($lure->family, $hangDeg) : Attitude::measured($measured);
    }

    /** On the way to the bottom: as timed, else as its family usually is, or as the angler's school has it. */
    public static function toTheBottom(Situation $situation, Lure $lure, ?Hole $hole, ?float $hangDeg): Attitude
    {
        return $lure->isSpoon() && $situation->schools->spoonFall === SpoonFall::Taut && ! isset($lure->measuredDrag[$hole->name ?? ''])
            ? Attitude::tight($lure->family, $hangDeg)
            : self::usual($lure, $hole, $hangDeg);
    }

    /** Seconds to the bottom, or to the fish above it; null when the depth was not read. */
    public static function seconds(Situation $situation, Lure $lure, ?Hole $hole, ?float $hangDeg): ?float
    {
        return $situation->columnIfStill === null
            ? null
            : Fall::of($lure->body, self::toTheBottom($situation, $lure, $hole, $hangDeg), $situation->columnIfStill)->seconds;
    }

    /** Between two lifts: as timed, else as the cadence lets it down. */
    public static function betweenLifts(Candidate $candidate, FallControl $let): Attitude
    {
        return $let->isSlack() || ! $candidate->lure->isSpoon()
            ? self::usual($candidate->lure, $candidate->hole(), $candidate->hangAngleDeg)
            : Attitude::tight($candidate->lure->family, $candidate->hangAngleDeg);
    }
}
