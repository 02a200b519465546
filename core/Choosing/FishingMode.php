<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Straight down or by casting. */
enum FishingMode: string
{
    case Vertical = 'vertical';
    case Cast = 'cast';

    public function word(): string
    {
        return match ($this) {
            self::Vertical => 'vertical',
            self::Cast => 'cast',
        };
    }
}
