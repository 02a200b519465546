<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** The way back onto a mark: how far and which way it is, and from where to drift so that the lure passes it. Metres. */
final readonly class ReturnToMark
{
    /** m before the mark at which the lure shall be down: so that it passes it fished. Estimate. */
    private const BEFORE_M = 5.0;

    private const FASTEST_MS = 6.0;

    private function __construct(
        public ?float $awayM, public ?float $bearingDeg, public Position $start, public float $upDriftM, public ?float $startBearingDeg,
        public ?float $startAwayM,
    ) {
    }

    /**
     * @param  Position|null  $boat  where it is; null when nobody knows
     * @param  float|null  $driftDeg  toward which the boat drifts, clockwise from north; null for a boat that is held
     * @param  float  $driftMs  how fast
     * @param  float  $currentMs  of the water, along the drift
     * @param  float  $fallSeconds  from the drop until the lure is down
     *
     * @throws InvalidInput for a drift, a current or a fall that cannot be
     */
    public static function of(
        ?Position $boat, Position $mark, ?float $driftDeg, float $driftMs = 0.0, float $currentMs = 0.0, float $fallSeconds = 0.0,
    ): self {
        if (! ($driftMs >= 0.0 && $driftMs <= self::FASTEST_MS && $currentMs >= 0.0 && $currentMs <= self::FASTEST_MS)) {
            throw InvalidInput::because('drift', 'A boat drifts, and a current runs, between 0 and 6 m/s.');
        }
        if (! ($fallSeconds >= 0.0 && $fallSeconds <= 3600.0)) {
            throw InvalidInput::because('fall', 'A lure is down within an hour.');
        }
        // Let out freely it falls straight in still water, and goes with the water where that runs; then it follows the boat.
        $up = $driftDeg === null || $driftMs === 0.0 ? 0.0 : $currentMs * $fallSeconds + self::BEFORE_M;
        $start = $driftDeg === null ? $mark : $mark->onward($driftDeg + 180.0, $up);

        return new self(
            awayM: $boat?->distanceTo($mark), bearingDeg: $boat?->bearingTo($mark), start: $start, upDriftM: $up,
            startBearingDeg: $boat?->bearingTo($start), startAwayM: $boat?->distanceTo($start),
        );
    }
}
