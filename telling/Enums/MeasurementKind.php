<?php

declare(strict_types=1);

namespace Eskith\Telling\Enums;

/** What can be measured to replace an estimate. */
enum MeasurementKind: string
{
    case Drop = 'drop';
    case Hang = 'hang';
    case Drift = 'drift';
    case Start = 'start';

    /** Whether a measurement can be: a lure's drag, its hang angle in degrees, the drift over the wind, a start over the reckoned one. */
    public function holds(float $value, ?int $lureId): bool
    {
        [$low, $high] = match ($this) {
            self::Drop => [0.05, 50.0],
            self::Hang => [-180.0, 180.0],
            self::Drift => [0.001, 0.5],
            self::Start => [0.02, 50.0],
        };

        return $value >= $low && $value <= $high && ($this === self::Drift || $lureId !== null);
    }
}
