<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence;

use Eskith\Core\Units\InvalidInput;

/** What an hour of fishing goes into, s in all 3600: sinking, working, retrieving and unhooking. */
final readonly class TimeBudget
{
    private const SECONDS = 3600.0;

    /** m/s at which a line is wound in. Estimate. */
    public const WIND_MS = 1.0;

    /** s for a cast and the next grip. Estimate. */
    public const CAST_S = 8.0;

    /** s to unhook and let go one fish. Estimate. */
    public const UNHOOK_S = 60.0;

    private function __construct(
        public float $sinkingS,
        public float $workingS,
        public float $retrievingS,
        public float $unhookingS,
        public float $drops,
    ) {
    }

    /**
     * @param  float  $sinkS  from the surface, or the splash, to the bottom
     * @param  float  $workS  from there until it is wound in
     * @param  float  $windM  m of line that are wound in then
     * @param  bool  $cast  whether it is cast out again
     * @param  float  $fishPerHour  of the hour that is fished
     *
     * @throws InvalidInput for a time that cannot be
     */
    public static function of(float $sinkS, float $workS, float $windM, bool $cast, float $fishPerHour): self
    {
        if (! ($sinkS > 0.0 && $workS >= 0.0 && $windM >= 0.0 && $fishPerHour >= 0.0)) {
            throw InvalidInput::because('hour', 'It takes some time to sink, and none of the others is negative.');
        }
        $back = $windM / self::WIND_MS + ($cast ? self::CAST_S : 0.0);
        $once = $sinkS + $workS + $back;
        // Unhooking takes away from the hour that is left for fishing, in which fish come.
        $fishing = self::SECONDS / (1 + $fishPerHour * self::UNHOOK_S / self::SECONDS);
        $drops = $fishing / $once;

        return new self($drops * $sinkS, $drops * $workS, $drops * $back, self::SECONDS - $fishing, $drops);
    }
}
