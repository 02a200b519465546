<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How long the forage is beside the lure that the day would otherwise ask for. */
enum ForageSize: string
{
    case Smaller = 'smaller';
    case Like = 'like';
    case Larger = 'larger';

    public function word(): string
    {
        return match ($this) {
            self::Smaller => 'smaller than the lure',
            self::Like => 'about as long as the lure',
            self::Larger => 'larger than the lure',
        };
    }

    /** To which side of the working weight a lure is as long as it: -1 lighter, 1 heavier. */
    public function side(): int
    {
        return match ($this) {
            self::Smaller => -1,
            self::Like => 0,
            self::Larger => 1,
        };
    }
}
