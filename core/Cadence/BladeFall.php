<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Words\Words;

/** Two schools of how a blade is let back down. */
enum BladeFall: string
{
    case Controlled = 'controlled';
    case Free = 'free';

    /** The school by name. */
    public function word(): string
    {
        return Words::of('{value} fall', value: $this->value);
    }

    /** What it trades, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Controlled => 'You feel bites on the way down. Seldom fouls.',
            self::Free => 'Quicker. You feel bites only on the next lift. Fouls more.',
        };
    }

    public function other(): self
    {
        return $this === self::Controlled ? self::Free : self::Controlled;
    }
}
