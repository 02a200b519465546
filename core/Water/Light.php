<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** The light over the water. */
enum Light: string
{
    case Bright = 'bright';
    case Mixed = 'mixed';
    case Dim = 'dim';

    public function word(): string
    {
        return match ($this) {
            self::Bright => 'bright',
            self::Mixed => 'mixed',
            self::Dim => 'dim',
        };
    }
}
