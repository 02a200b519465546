<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

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
}
