<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Words\Words;

/** One repeat of a cadence counted, one count a second, so that it can be repeated exactly. */
final readonly class Counts
{
    /** A lift shorter than this is not counted, s. */
    private const QUICK_S = 0.75;

    /** @param  int  $up  counts of the lift; 0 for a quick one */
    private function __construct(public int $up, public int $down, public int $still)
    {
    }

    /**
     * @param  float  $sinkMs  how fast the lure goes down again, m/s, above nothing
     * @return self|null null for a cadence that is not lifted
     */
    public static function of(Steps $steps, float $sinkMs): ?self
    {
        return $steps->liftM <= 0.0 || $sinkMs <= 0.0 ? null : new self(
            $steps->liftSeconds < self::QUICK_S ? 0 : (int) round($steps->liftSeconds),
            max(1, (int) round($steps->liftM / $sinkMs)),
            (int) round($steps->pauseSeconds),
        );
    }

    /** "up quick, down 1, wait 2". */
    public function words(): string
    {
        return Words::of(
            match (true) {
                $this->up === 0 && $this->still === 0 => 'up quick, down {down}, no wait',
                $this->up === 0 => 'up quick, down {down}, wait {still}',
                $this->still === 0 => 'up {up}, down {down}, no wait',
                default => 'up {up}, down {down}, wait {still}',
            },
            up: $this->up, down: $this->down, still: $this->still,
        );
    }
}
