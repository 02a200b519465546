<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing\Readings;

/** How far a reading holds as one moves on. */
enum Holds
{
    /** At the spot where it was read: at another it is no longer known. */
    case AtSpot;
    /** All over the water. */
    case OnWater;
    /** Wherever one goes: the sky, the gear, what one is after. */
    case AllDay;

    /** Whether it is still known at another spot. */
    public function survives(bool $otherWater): bool
    {
        return $this === self::AllDay || ($this === self::OnWater && ! $otherWater);
    }
}
