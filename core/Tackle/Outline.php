<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/**
 * The side view of a lure from its family's figure and its measures: mm from the nose, x toward the tail and y down, in
 * commands of an SVG path: a letter with its points, x and y by turns.
 */
final class Outline
{
    /** Share of a blade's height that its back stands above the nose. */
    public const BLADE_BACK = 0.6;

    /** mm of metal above the highest hole of a blade. */
    public const CLEAR_MM = 2.4;

    /** @return list<array{string, list<float>}> x in lengths of the lure; y in its heights, from the middle */
    public static function shares(Family $family): array
    {
        return $family->definition()->figure->path;
    }

    /** Share of the height from the back to the middle. */
    public static function middle(Family $family): float
    {
        return $family->definition()->figure->middle;
    }

    /**
     * Height of the back, mm, negative; a blade's back stands clear of its holes.
     *
     * @param  list<float>  $holesMm  heights of the holes above the nose, mm
     */
    public static function topMm(Family $family, float $heightMm, array $holesMm): float
    {
        return $family->definition()->figure->flat
            ? -max($heightMm * self::BLADE_BACK, ...array_map(static fn (float $y): float => $y + self::CLEAR_MM, $holesMm), ...[0.0])
            : -$heightMm * self::middle($family);
    }

    /**
     * @param  float  $topMm  as topMm() says
     * @return list<array{string, list<float>}> in mm
     */
    public static function path(Family $family, float $lengthMm, float $heightMm, float $topMm): array
    {
        $middle = $topMm + $heightMm * self::middle($family);

        return array_map(static fn (array $command): array => [
            $command[0],
            array_map(
                static fn (float $share, int $i): float => $i % 2 === 0 ? $share * $lengthMm : $middle + $share * $heightMm,
                $command[1], array_keys($command[1]),
            ),
        ], self::shares($family));
    }
}
