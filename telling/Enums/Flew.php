<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** How a lure flew on a cast that fouled. */
enum Flew: string
{
    case Straight = 'straight';
    case Spinning = 'spinning';

    public function word(): string
    {
        return match ($this) {
            self::Straight => 'flew straight',
            self::Spinning => 'turned over in flight',
        };
    }

    /** As one of several that are chosen from. */
    public function short(): string
    {
        return match ($this) {
            self::Straight => 'straight',
            self::Spinning => 'turning over',
        };
    }
}
