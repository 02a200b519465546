<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** A reading a rule cannot do without. */
enum Need: string
{
    /** Those asked for before all others, as Reading::FIRST. */
    public const FIRST = [self::Temperature, self::Flow, self::Depth];

    case Temperature = 'temperature';
    case SurfaceTemperature = 'surface temperature';
    case Depth = 'depth';
    case Flow = 'flow past the boat';
    case Clarity = 'clarity';
    case Light = 'light';
    case Bottom = 'bottom';
    case Wind = 'wind';
    case Trend = 'temperature trend';
    case Wall = 'wall or open bottom';

    public function isMet(Situation $s): bool
    {
        return match ($this) {
            self::Temperature => $s->water->tempC !== null,
            // Only fish in the thermocline make it matter.
            self::SurfaceTemperature => $s->water->surfaceTempC !== null || $s->aim->zone !== Zone::Thermocline,
            self::Depth => $s->water->depthM !== null,
            self::Flow => $s->flowMs !== null,
            self::Clarity => $s->water->clarity !== null,
            self::Light => $s->water->light !== null,
            self::Bottom => $s->water->bottom !== null,
            self::Wind => $s->water->windMs !== null,
            self::Trend => $s->water->trend !== null,
            self::Wall => $s->water->wall !== null,
        };
    }
}
