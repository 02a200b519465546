<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How much of the sky is covered. */
enum Cloud: string
{
    case Clear = 'clear';
    case Broken = 'broken';
    case Overcast = 'overcast';

    public function word(): string
    {
        return match ($this) {
            self::Clear => 'clear sky',
            self::Broken => 'broken cloud',
            self::Overcast => 'overcast',
        };
    }

    /** The light below it with the sun so high, degrees; null at night. Heights are estimates. */
    public function light(float $sunDeg): ?Light
    {
        [$mixed, $bright] = match ($this) {
            self::Clear => [4.0, 12.0],
            self::Broken => [6.0, 35.0],
            self::Overcast => [20.0, 91.0],
        };

        return match (true) {
            $sunDeg < -6.0 => null,
            $sunDeg < $mixed => Light::Dim,
            $sunDeg < $bright => Light::Mixed,
            default => Light::Bright,
        };
    }
}
