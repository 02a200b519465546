<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** What the bottom is made of. */
enum Bottom: string
{
    case Rock = 'rock';
    case Sand = 'sand';
    case RockToSand = 'rock_to_sand';
    case GravelShell = 'gravel_shell';
    case ShortGrass = 'short_grass';
    case Mud = 'mud';
    case MudRidge = 'mud_ridge';
    case WeedScattered = 'weed_scattered';
    case WeedThick = 'weed_thick';

    public function word(): string
    {
        return match ($this) {
            self::Rock => 'rock',
            self::Sand => 'sand',
            self::RockToSand => 'rock to sand',
            self::GravelShell => 'gravel or shell',
            self::ShortGrass => 'short grass',
            self::Mud => 'mud',
            self::MudRidge => 'a ridge in the mud',
            self::WeedScattered => 'scattered weed',
            self::WeedThick => 'thick weed',
        };
    }

    /** What is called hard. */
    public function isHard(): bool
    {
        return match ($this) {
            self::Rock, self::Sand, self::RockToSand, self::GravelShell => true,
            self::ShortGrass, self::MudRidge, self::Mud, self::WeedScattered, self::WeedThick => false,
        };
    }

    /** What these lures want: hard bottom, low grass, and mud where it rises to a ridge. */
    public function isFirm(): bool
    {
        return match ($this) {
            self::Rock, self::Sand, self::RockToSand, self::GravelShell, self::ShortGrass, self::MudRidge => true,
            self::Mud, self::WeedScattered, self::WeedThick => false,
        };
    }
}
