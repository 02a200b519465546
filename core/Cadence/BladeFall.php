<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** Two schools of how a blade is let back down. */
enum BladeFall: string
{
    case Controlled = 'controlled';
    case Free = 'free';

    /** The school by name. */
    public function word(): string
    {
        return $this->value.' fall';
    }

    /** What it trades, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Controlled => 'On a tight line: bites on the way down are felt, and it seldom fouls.',
            self::Free => 'Straight back to a thump on the bottom: sooner down, but bites are found only on the next lift, and '
                .'it fouls more.',
        };
    }

    public function other(): self
    {
        return $this === self::Controlled ? self::Free : self::Controlled;
    }
}
