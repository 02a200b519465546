<?php

declare(strict_types=1);

namespace Eskith\Core\Water;

use Eskith\Core\Units\InvalidInput;

/**
 * Degrees on the earth and metres east and north round a water's origin, both ways. On the WGS 84 ellipsoid, each step north
 * by the meridian's radius and each step east by the parallel halfway: there and back is exact, and within 20 km of the origin
 * a length is right to a tenth of a per cent.
 */
final readonly class Frame
{
    /** m, equatorial radius, and squared eccentricity of WGS 84 (NIMA TR8350.2). */
    private const RADIUS_M = 6_378_137.0;

    private const ECCENTRICITY_2 = 0.006_694_379_990_14;

    /** Degrees from the poles at which east has no meaning any more. */
    private const POLE_DEG = 89.0;

    /** m from the origin that still belong to a water. */
    public const FARTHEST_M = 100_000.0;

    private function __construct(public float $latitude, public float $longitude)
    {
    }

    /** @throws InvalidInput for an origin that is nowhere, or at a pole */
    public static function of(float $latitude, float $longitude): self
    {
        if (! (abs($latitude) <= self::POLE_DEG)) {
            throw InvalidInput::because('latitude', 'A latitude lies between −89 and 89 degrees here.');
        }
        if (! (abs($longitude) <= 180.0)) {
            throw InvalidInput::because('longitude', 'A longitude lies between −180 and 180 degrees.');
        }

        return new self($latitude, $longitude);
    }

    public function position(float $latitude, float $longitude): Position
    {
        $east = fmod($longitude - $this->longitude + 540.0, 360.0);
        $east = ($east < 0.0 ? $east + 360.0 : $east) - 180.0;

        return new Position(
            deg2rad($east) * self::parallelM(($latitude + $this->latitude) / 2),
            deg2rad($latitude - $this->latitude) * self::meridianM($this->latitude),
        );
    }

    /** @return array{float, float} latitude and longitude, degrees */
    public function degrees(Position $at): array
    {
        $latitude = max(-self::POLE_DEG, min(self::POLE_DEG, $this->latitude + rad2deg($at->north / self::meridianM($this->latitude))));
        $longitude = $this->longitude + rad2deg($at->east / self::parallelM(($latitude + $this->latitude) / 2));

        return [$latitude, $longitude > 180.0 ? $longitude - 360.0 : ($longitude < -180.0 ? $longitude + 360.0 : $longitude)];
    }

    /** Whether a place can belong to the water round this origin. */
    public function reaches(float $latitude, float $longitude): bool
    {
        return hypot(...$this->position($latitude, $longitude)->pair()) <= self::FARTHEST_M;
    }

    /** m for a radian north. */
    private static function meridianM(float $latitude): float
    {
        return self::RADIUS_M * (1 - self::ECCENTRICITY_2) / (1 - self::ECCENTRICITY_2 * sin(deg2rad($latitude)) ** 2) ** 1.5;
    }

    /** m for a radian east. */
    private static function parallelM(float $latitude): float
    {
        return self::RADIUS_M * cos(deg2rad($latitude)) / sqrt(1 - self::ECCENTRICITY_2 * sin(deg2rad($latitude)) ** 2);
    }
}
