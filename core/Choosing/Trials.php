<?php

declare(strict_types=1);

namespace Eskith\Core\Choosing;

/** What a change costs, and how long anything deserves to be tried, minutes. Estimates, which an angler can set. */
final readonly class Trials
{
    public const COST_MIN = ['finish' => 3.0, 'weight' => 3.0, 'cadence' => 0.0, 'hole' => 1.0, 'family' => 3.0];

    public const FAIR_VERTICAL_MIN = 10.0;

    public const FAIR_CAST_MIN = 15.0;

    /** @param  float  $lureMinutes  for another finish, weight or family: another lure */
    public function __construct(
        private float $lureMinutes = self::COST_MIN['finish'],
        private float $fairVertical = self::FAIR_VERTICAL_MIN,
        private float $fairCast = self::FAIR_CAST_MIN,
    ) {
    }

    /** @param  string  $thing  finish, weight, cadence, hole or family */
    public function costMinutes(string $thing): float
    {
        return $thing === 'cadence' || $thing === 'hole' ? self::COST_MIN[$thing] : $this->lureMinutes;
    }

    public function fairMinutes(bool $vertical): float
    {
        return $vertical ? $this->fairVertical : $this->fairCast;
    }
}
