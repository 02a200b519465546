<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** Where the water temperature is going. */
enum Trend: string
{
    case Cooling = 'cooling';
    case Steady = 'steady';
    case Warming = 'warming';

    public function word(): string
    {
        return match ($this) {
            self::Cooling => 'cooling',
            self::Steady => 'steady',
            self::Warming => 'warming',
        };
    }
}
