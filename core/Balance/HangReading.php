<?php

declare(strict_types=1);

namespace Eskith\Core\Balance;

use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\InvalidInput;

/** A hang angle read with a gauge: the lure hung from this hole, nose this many degrees below level. */
final readonly class HangReading
{
    private function __construct(public Point $hole, public float $angleDeg)
    {
    }

    /** @throws InvalidInput for an angle outside ±180° */
    public static function of(Point $hole, float $angleDeg): self
    {
        if (! (abs($angleDeg) <= 180)) {
            throw InvalidInput::because('hang_angle_deg', 'A hang angle lies between −180° and 180°.');
        }

        return new self($hole, $angleDeg);
    }
}
