<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Water\Position;

/** The map turned so that a bearing runs along one axis: along it, and across it to the right. */
final readonly class RotatedFrame
{
    private function __construct(private float $sin, private float $cos)
    {
    }

    public static function of(float $bearingDeg): self
    {
        return new self(sin(deg2rad($bearingDeg)), cos(deg2rad($bearingDeg)));
    }

    /** @return array{float, float} along and across, m */
    public function toDrift(Position $at): array
    {
        return [$at->east * $this->sin + $at->north * $this->cos, $at->east * $this->cos - $at->north * $this->sin];
    }

    public function toMap(float $along, float $across): Position
    {
        return new Position($along * $this->sin + $across * $this->cos, $along * $this->cos - $across * $this->sin);
    }
}
