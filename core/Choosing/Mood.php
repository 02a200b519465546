<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** How lively the fish are. */
enum Mood: string
{
    case Sluggish = 'sluggish';
    case Neutral = 'neutral';
    case Active = 'active';

    public function word(): string
    {
        return match ($this) {
            self::Sluggish => 'sluggish',
            self::Neutral => 'neutral',
            self::Active => 'active',
        };
    }
}
