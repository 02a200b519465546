<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

/** A place on a water, in metres east and north of its own origin. */
final readonly class Position
{
    /** m within which a phone must know where it is: beyond that it is shown, and nothing is worked out from it. */
    public const SURE_M = 30.0;

    public function __construct(public float $east, public float $north)
    {
    }

    public function plus(float $east, float $north): self
    {
        return new self($this->east + $east, $this->north + $north);
    }

    /** @return array{float, float}|null unit vector from here to there; null when it is the same place */
    public function toward(self $there): ?array
    {
        $way = $this->distanceTo($there);

        return $way === 0.0 ? null : [($there->east - $this->east) / $way, ($there->north - $this->north) / $way];
    }

    /** m */
    public function distanceTo(self $there): float
    {
        return hypot($there->east - $this->east, $there->north - $this->north);
    }

    /** Degrees clockwise from north, 0 up to 360; 0 where it is the same place. */
    public function bearingTo(self $there): float
    {
        $degrees = rad2deg(atan2($there->east - $this->east, $there->north - $this->north));

        return $degrees < 0.0 ? $degrees + 360.0 : $degrees;
    }

    /** So far away at a bearing, degrees clockwise from north. */
    public function onward(float $bearingDeg, float $metres): self
    {
        return $this->plus($metres * sin(deg2rad($bearingDeg)), $metres * cos(deg2rad($bearingDeg)));
    }

    /** m to the nearest point of the straight way between two places. */
    public function distanceToWay(self $from, self $to): float
    {
        $squared = ($to->east - $from->east) ** 2 + ($to->north - $from->north) ** 2;
        $share = $squared === 0.0 ? 0.0 : (($this->east - $from->east) * ($to->east - $from->east)
            + ($this->north - $from->north) * ($to->north - $from->north)) / $squared;
        $share = max(0.0, min(1.0, $share));

        return $this->distanceTo($from->plus($share * ($to->east - $from->east), $share * ($to->north - $from->north)));
    }

    /** @return array{float, float} east and north */
    public function pair(): array
    {
        return [$this->east, $this->north];
    }
}
