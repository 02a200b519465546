<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

use Eskith\Core\Water\Relief\StructureKind;

/** What a line on the chart is, each defined once. */
enum EdgeKind: string
{
    case Wall = 'wall';
    case Weed = 'weed';
    case Shore = 'shore';

    /** What it is of a bottom, as a place to look at; null where it is none. */
    public function structure(): ?StructureKind
    {
        return match ($this) {
            self::Wall => StructureKind::Wall,
            self::Weed => StructureKind::Weed,
            self::Shore => null,
        };
    }

    public function word(): string
    {
        return match ($this) {
            self::Wall => 'wall',
            self::Weed => 'weed edge',
            self::Shore => 'shore',
        };
    }
}
