<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Words\Words;

/** Two schools of how a spoon goes down. */
enum SpoonFall: string
{
    case Slack = 'slack';
    case Taut = 'taut';

    /** The school by name. */
    public function word(): string
    {
        return Words::of('{value} fall', value: $this->value);
    }

    /** What it trades, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Slack => 'Flutters for the most bites; watch the line for them. Fouls more.',
            self::Taut => 'Quicker, and you feel bites. Seldom fouls. No flutter.',
        };
    }

    public function other(): self
    {
        return $this === self::Slack ? self::Taut : self::Slack;
    }
}
