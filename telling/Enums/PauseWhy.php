<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** Why nobody fishes for a while. */
enum PauseWhy: string
{
    case Moving = 'moving';
    case Eating = 'eating';
    case Unhooking = 'unhooking';
    case Other = 'other';

    public function word(): string
    {
        return match ($this) {
            self::Moving => 'moving',
            self::Eating => 'eating',
            self::Unhooking => 'unhooking',
            self::Other => 'something else',
        };
    }
}
