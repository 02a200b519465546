<?php

declare(strict_types=1);

namespace Eskith\Core\Water\Relief;

/** What of a bottom fish keep to, each defined once: what it is called, and how the chart marks it. */
enum StructureKind: string
{
    case Wall = 'wall';
    case Ledge = 'ledge';
    case Edge = 'edge';
    case Hump = 'hump';
    case Saddle = 'saddle';
    case Hole = 'hole';
    case Hard = 'hard';
    case Weed = 'weed';

    public function word(): string
    {
        return match ($this) {
            self::Wall => 'wall',
            self::Ledge => 'ledge',
            self::Edge => 'drop-off',
            self::Hump => 'top of a hump',
            self::Saddle => 'saddle',
            self::Hole => 'hole',
            self::Hard => 'hard bottom',
            self::Weed => 'weed edge',
        };
    }
}
