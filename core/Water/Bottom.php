<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** What the bottom is made of. */
enum Bottom: string
{
    case Rock = 'rock';
    case Sand = 'sand';
    case RockToSand = 'rock_to_sand';
    case Mud = 'mud';
    case WeedScattered = 'weed_scattered';
    case WeedThick = 'weed_thick';

    public function word(): string
    {
        return match ($this) {
            self::Rock => 'rock',
            self::Sand => 'sand',
            self::RockToSand => 'rock to sand',
            self::Mud => 'mud',
            self::WeedScattered => 'scattered weed',
            self::WeedThick => 'thick weed',
        };
    }
}
