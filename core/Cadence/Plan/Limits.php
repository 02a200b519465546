<?php

declare(strict_types=1);

namespace Eskith\Core\Cadence\Plan;

use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Position;

/** What a plan can be made of. */
final class Limits
{
    /** Casts or lanes that anybody makes. */
    public const MOST = 2_000;

    /** Points of a line or an area. */
    public const POINTS = 1_000;

    /** m: farther from a water's origin nothing lies. */
    private const FARTHEST_M = 1e6;

    /** Of a count: what a division misses a whole number by. */
    private const TINY = 1e-9;

    /**
     * How many parts so long make up a whole; at least one.
     *
     * @throws InvalidInput for more than anybody makes
     */
    public static function parts(float $whole, float $part, string $field): int
    {
        $count = ceil($whole / $part - self::TINY);
        if (! ($count <= self::MOST)) {
            throw InvalidInput::because($field, 'That makes more than {most} of them. Take them farther apart.', most: self::MOST);
        }

        return max(1, (int) $count);
    }

    /** @throws InvalidInput unless it is above nothing and no more than so much */
    public static function demand(float $value, float $most, string $field, string $words): void
    {
        if (! ($value > 0.0 && $value <= $most)) {
            throw InvalidInput::because($field, $words);
        }
    }

    /**
     * @param  list<Position>  $points
     * @return list<Position> without those that are where the one before is
     *
     * @throws InvalidInput for too many, or one that is nowhere
     */
    public static function points(array $points, string $field): array
    {
        if (count($points) > self::POINTS) {
            throw InvalidInput::because($field, 'At most {points} points are taken. Leave some out.', points: self::POINTS);
        }
        $kept = [];
        foreach ($points as $point) {
            if (! (abs($point->east) <= self::FARTHEST_M && abs($point->north) <= self::FARTHEST_M)) {
                throw InvalidInput::because($field, 'A point lies within 1000 km of the origin of its water.');
            }
            $last = $kept[count($kept) - 1] ?? null;
            if ($last === null || $last->distanceTo($point) > self::TINY) {
                $kept[] = $point;
            }
        }

        return $kept;
    }
}
