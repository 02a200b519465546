<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** The eight points that a wind comes from. */
enum WindFrom: string
{
    case North = 'n';
    case NorthEast = 'ne';
    case East = 'e';
    case SouthEast = 'se';
    case South = 's';
    case SouthWest = 'sw';
    case West = 'w';
    case NorthWest = 'nw';

    /** The point nearest to a bearing. */
    public static function near(float $degrees): self
    {
        $turn = (int) round($degrees / 45.0) % 8;

        return self::cases()[$turn < 0 ? $turn + 8 : $turn];
    }

    public function word(): string
    {
        return match ($this) {
            self::North => 'north',
            self::NorthEast => 'northeast',
            self::East => 'east',
            self::SouthEast => 'southeast',
            self::South => 'south',
            self::SouthWest => 'southwest',
            self::West => 'west',
            self::NorthWest => 'northwest',
        };
    }

    /** Degrees clockwise from north that it comes from. */
    public function degrees(): float
    {
        return 45.0 * (int) array_search($this, self::cases(), true);
    }
}
