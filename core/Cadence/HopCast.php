<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\InvalidInput;

/** A cast worked back hop by hop: how many hops, how long, how much bottom. */
final readonly class HopCast
{
    /** Within this of straight down a hop no longer moves the lure along, degrees. */
    private const STRAIGHT_DOWN_DEG = 15.0;

    private function __construct(
        public int $hops,
        public float $coveredM,
        public float $seconds,
        public float $castsPerHour,
        public float $bottomMPerHour,
    ) {
    }

    /**
     * @param  float  $lineM  line out as the lure lies on the bottom, longer than the depth
     * @param  float  $pullM  line pulled in each hop
     * @param  bool  $taut  let down on a tight line; else straight down on slack, which shortens the line by p cos²α
     * @param  float  $secondsPerHop  lift, fall and pause
     * @param  float  $secondsBetween  cast, first fall and reeling in the rest
     *
     * @throws InvalidInput for a line that does not reach the bottom or a pull of nothing
     */
    public static function of(float $lineM, float $depthM, float $pullM, bool $taut, float $secondsPerHop, float $secondsBetween): self
    {
        if (! ($depthM > 0 && $lineM > $depthM && $lineM < 300)) {
            throw InvalidInput::because('cast_m', 'The line must be longer than the water is deep, and under 300 m.');
        }
        if (! ($pullM >= 0.02 && $secondsPerHop > 0 && $secondsBetween >= 0)) {
            throw InvalidInput::because('pull', 'A hop pulls at least 2 cm of line and takes some time.');
        }
        $hops = 0;
        $length = $lineM;
        $shortest = $depthM / cos(deg2rad(self::STRAIGHT_DOWN_DEG));
        while (($next = $length - ($taut ? $pullM : $pullM * (1 - ($depthM / $length) ** 2))) >= $shortest) {
            $length = $next;
            $hops++;
        }
        $covered = sqrt($lineM * $lineM - $depthM * $depthM) - sqrt($length * $length - $depthM * $depthM);
        $seconds = $secondsBetween + $hops * $secondsPerHop;

        return new self($hops, $covered, $seconds, $seconds > 0 ? 3600 / $seconds : 0.0, $seconds > 0 ? 3600 / $seconds * $covered : 0.0);
    }
}
