<?php

declare(strict_types=1);

namespace App\Account;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Frame;

/** Spots of archives and logs written before waters had a ground lie in degrees: they are placed in metres round their water. */
final class OlderSpots
{
    /**
     * @param  array<string, array<array-key, mixed>>  $parts  rows by table
     * @return array<string, array<array-key, mixed>> the same, with the first spot that lies somewhere as the origin of its water
     */
    public static function placed(array $parts): array
    {
        $waters = array_values($parts['waters'] ?? []);
        $numbers = [];
        foreach ($waters as $i => $water) {
            $no = is_array($water) ? $water['no'] ?? null : null;
            $numbers[is_int($no) ? $no : $i + 1] = $i;
        }
        foreach ($parts['spots'] ?? [] as $i => $spot) {
            $at = is_array($spot) ? self::degrees($spot) : null;
            $number = is_array($spot) && is_int($spot['water_id'] ?? null) ? $numbers[$spot['water_id']] ?? null : null;
            $water = $number === null ? null : $waters[$number];
            if (! is_array($spot) || $at === null || ! is_array($water)) {
                continue;
            }
            try {
                $frame = Frame::of(...self::degrees($water) ?? $at);
            } catch (InvalidInput) {
                continue;
            }
            $waters[$number] = [...$water, 'latitude' => $frame->latitude, 'longitude' => $frame->longitude];
            [$east, $north] = $frame->position(...$at)->pair();
            $parts['spots'][$i] = [...$spot, 'east_m' => $east, 'north_m' => $north];
        }

        return isset($parts['waters']) ? [...$parts, 'waters' => $waters] : $parts;
    }

    /**
     * @param  array<array-key, mixed>  $row
     * @return array{float, float}|null
     */
    private static function degrees(array $row): ?array
    {
        [$latitude, $longitude] = [$row['latitude'] ?? null, $row['longitude'] ?? null];

        return is_numeric($latitude) && is_numeric($longitude) ? [(float) $latitude, (float) $longitude] : null;
    }
}
