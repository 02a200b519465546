<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How far one sees into the water. */
enum Clarity: string
{
    case Clear = 'clear';
    case Stained = 'stained';
    case Dirty = 'dirty';

    public function word(): string
    {
        return match ($this) {
            self::Clear => 'clear',
            self::Stained => 'stained',
            self::Dirty => 'dirty',
        };
    }
}
