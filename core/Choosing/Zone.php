<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** Where in the water the fish sit. */
enum Zone: string
{
    case Bottom = 'bottom';
    case Suspended = 'suspended';
    case Thermocline = 'thermocline';

    public function word(): string
    {
        return match ($this) {
            self::Bottom => 'bottom',
            self::Suspended => 'suspended',
            self::Thermocline => 'thermocline',
        };
    }
}
