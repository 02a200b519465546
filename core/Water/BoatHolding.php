<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** How the boat lies: it decides how it goes over ground when no speed was read. */
enum BoatHolding: string
{
    case Held = 'held';
    case Drifting = 'drifting';
    case OnFoot = 'on_foot';

    public function word(): string
    {
        return match ($this) {
            self::Held => 'held',
            self::Drifting => 'drifting',
            self::OnFoot => 'on foot',
        };
    }

    /**
     * How the boat goes over ground, m/s; null when the wind that drives it was not read.
     *
     * @param  float|null  $currentMs  at the surface; null when it was not read, which leaves a drift unknown
     * @param  float  $perWind  drift over wind
     */
    public function boatMs(?float $windMs, ?float $currentMs, float $perWind): ?float
    {
        return match (true) {
            $this !== self::Drifting => 0.0,
            $windMs === null || $currentMs === null => null,
            default => max(-Flow::FASTEST, min(Flow::FASTEST, $currentMs + Flow::driftFromWind($windMs, $perWind))),
        };
    }
}
