<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Runs;

/**
 * A cast and its way down, the rod tip at the surface: how long, where it comes to lie (or to be stopped, for fish that
 * hang above the bottom), how much line is out then, and what a pull on that line does. Lengths in m.
 */
final readonly class Cast
{
    /** m of a cast until the angler says otherwise; a pitch is a third of it. */
    public const USUAL_M = 25.0;

    public const PITCH_M = self::USUAL_M / 3;

    /** m beyond which nobody casts. */
    public const FARTHEST_M = 200.0;

    private function __construct(
        /** m below the surface to which it goes down: the bottom, or where fish hang. */
        public float $toM,
        public float $downS,
        /** m from the rod, along the water. */
        public float $landsM,
        /** m by which the water carries it on its way: beyond the splash above 0, back toward the rod below. */
        public float $carriedM,
        public float $lineM,
    ) {
    }

    /**
     * @param  Attitude  $attitude  as it falls; on a closed bail the line is always tight
     * @param  float  $lengthM  from the rod to the splash
     * @param  Runs|null  $runs  where the water goes past the angler; null where that was not read: it plays no part
     *
     * @throws InvalidInput for a cast that cannot be, one that never gets so deep, or one that comes back to the rod
     */
    public static function of(
        Body $body, Attitude $attitude, WaterColumn $column, float $lengthM, Bail $bail, ?Runs $runs = null,
    ): self {
        if (! ($lengthM > 0.0 && $lengthM <= self::FARTHEST_M)) {
            throw InvalidInput::because('length_m', 'A cast is over 0 and at most 200 m (660 ft).');
        }
        $to = $column->toM;
        if ($bail === Bail::Closed) {
            $swing = Swing::of($body, $attitude, $column, $lengthM);

            return new self($to, $swing->seconds, $swing->landsM, -$swing->pulledInM, $lengthM);
        }
        $fall = Fall::of($body, $attitude, $column);
        $carried = match ($runs) {
            Runs::Away => $fall->carriedM(),
            Runs::Toward => -$fall->carriedM(),
            Runs::Across, null => 0.0,
        };
        if ($lengthM + $carried <= 0.0) {
            throw InvalidInput::because(
                'length_m', 'The current brings it back before it is down. Cast farther, go heavier, or close the bail.',
            );
        }

        return new self($to, $fall->seconds, $lengthM + $carried, $carried, hypot($lengthM + $carried, $to));
    }

    /** m by which a pull of so much line raises it. */
    public function riseM(float $pullM): float
    {
        return $pullM * $this->toM / $this->lineM;
    }

    /** m by which a pull of so much line brings it nearer while it rises. */
    public function dragM(float $pullM): float
    {
        return $pullM * $this->landsM / $this->lineM;
    }
}
