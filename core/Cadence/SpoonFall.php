<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

/** Two schools of how a spoon goes down. */
enum SpoonFall: string
{
    case Slack = 'slack';
    case Taut = 'taut';

    /** The school by name. */
    public function word(): string
    {
        return $this->value.' fall';
    }

    /** What it trades, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Slack => 'With a little slack: it flutters, which makes most bites, but a bite shows only as a line that '
                .'moves aside or stops, and it fouls more.',
            self::Taut => 'On a tight line: like a stone, sooner down, bites are felt and it seldom fouls, but it does not flutter.',
        };
    }

    public function other(): self
    {
        return $this === self::Slack ? self::Taut : self::Slack;
    }
}
