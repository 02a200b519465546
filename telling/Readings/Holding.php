<?php

declare(strict_types=1);

namespace Eskith\Telling\Readings;

use DateTimeInterface;
use Eskith\Core\Choosing\Reading;
use Eskith\Telling\Enums\Source;
use Eskith\Telling\Kept\KeptReading;

/** Which readings no longer hold as one moves on. */
final class Holding
{
    /**
     * Of what was read before a moment, what does not hold at the next spot.
     *
     * @param  list<KeptReading>  $readings
     * @param  bool  $otherWater  whether that is on another water
     * @return list<KeptReading>
     */
    public static function gone(array $readings, bool $otherWater, DateTimeInterface $at): array
    {
        return array_values(array_filter($readings, static function (KeptReading $one) use ($otherWater, $at): bool {
            $holds = Reading::tryFrom($one->name)?->definition()->holds;

            // What the boat's own instruments say is said anew where it is.
            return $holds !== null && ! $holds->survives($otherWater) && $one->source !== Source::Instrument->value
                && $one->readAt !== null && $one->readAt <= $at;
        }));
    }
}
