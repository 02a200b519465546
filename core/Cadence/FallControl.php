<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\Constants;

/** How the lure is let back down. */
enum FallControl: string
{
    case Controlled = 'controlled';
    case Free = 'free';
    case Slack = 'slack';
    case ByHand = 'by_hand';
    case None = 'none';

    public function word(): string
    {
        return match ($this) {
            self::Controlled => 'down on a tight line',
            self::Free => 'straight back down',
            self::Slack => 'follow it down with a little slack',
            self::ByHand => "feed it down by arm's lengths",
            self::None => 'keep it moving',
        };
    }

    /** Share of the weight that stays on the line. */
    public function control(): float
    {
        return $this === self::Controlled || $this === self::ByHand ? Constants::FED_CONTROL : 0.0;
    }

    /** Whether the line is slack enough for a spoon to flutter. */
    public function isSlack(): bool
    {
        return $this === self::Slack || $this === self::ByHand;
    }
}
