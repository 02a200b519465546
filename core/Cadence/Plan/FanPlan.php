<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** Casts fanned out from one stand, so that no part of a sector is passed by. Metres; bearings clockwise from north. */
final readonly class FanPlan
{
    private const FAR_M = 1_000.0;

    private const ROUND_DEG = 360.0;

    /** @param  list<Cast>  $casts */
    private function __construct(public array $casts)
    {
    }

    /**
     * A cast's line covers half a lane to either side; two lines that part by δ leave nothing out up to the far end while
     * far · sin(δ/2) is at most half a lane.
     *
     * @param  float  $toDeg  beyond $fromDeg, by at most 360
     * @param  float  $nearM  from here on the sector has to be covered
     *
     * @throws InvalidInput for a sector or a lane that cannot be
     */
    public static function of(Position $stand, float $fromDeg, float $toDeg, float $nearM, float $farM, float $laneM): self
    {
        $wide = $toDeg - $fromDeg;
        if (! ($wide > 0.0 && $wide <= self::ROUND_DEG && abs($fromDeg) <= 10 * self::ROUND_DEG)) {
            throw InvalidInput::because('to_deg', 'The last bearing lies beyond the first, by at most 360°.');
        }
        Limits::demand($farM, self::FAR_M, 'far_m', 'A cast goes over 0 and up to 1000 m out.');
        if (! ($nearM >= 0.0 && $nearM <= $farM)) {
            throw InvalidInput::because('near_m', 'The near end lies between the stand and the far end.');
        }
        Limits::demand($laneM, self::FAR_M, 'lane_m', 'A lane is over 0 and up to 1000 m wide.');
        $apart = 2 * rad2deg(asin(min(1.0, $laneM / (2 * $farM))));
        $count = $laneM >= 2 * $farM ? 1 : Limits::parts($wide, $apart, 'lane_m');
        $casts = [];
        for ($i = 0; $i < $count; $i++) {
            $bearing = deg2rad($fromDeg + ($i + 0.5) * $wide / $count);
            $aim = $stand->plus($farM * sin($bearing), $farM * cos($bearing));
            $casts[] = new Cast($stand, $aim, $aim);
        }

        return new self($casts);
    }
}
