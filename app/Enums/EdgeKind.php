<?php

declare(strict_types=1);

namespace App\Enums;

/** What a line on the chart is, each defined once. */
enum EdgeKind: string
{
    case Wall = 'wall';
    case Weed = 'weed';
    case Shore = 'shore';

    public function word(): string
    {
        return match ($this) {
            self::Wall => 'wall',
            self::Weed => 'weed edge',
            self::Shore => 'shore',
        };
    }
}
