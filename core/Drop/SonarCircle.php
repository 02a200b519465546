<?php

declare(strict_types=1);

namespace Eskith\Core\Drop;

use Eskith\Core\Units\InvalidInput;

/** The circle of bottom that a sonar under the boat shows. */
final readonly class SonarCircle
{
    private function __construct(public float $diameterM)
    {
    }

    /** @throws InvalidInput unless the cone is between 1° and 120° wide */
    public static function of(float $coneDeg, float $depthM): self
    {
        if (! ($coneDeg >= 1 && $coneDeg <= 120)) {
            throw InvalidInput::because('cone', 'A sonar cone is between 1° and 120° wide.');
        }

        return new self(2 * $depthM * tan(deg2rad($coneDeg / 2)));
    }

    /** Whether a lure this far to the side of the boat is on the screen. */
    public function shows(float $offsetM): bool
    {
        return abs($offsetM) < $this->diameterM / 2;
    }
}
