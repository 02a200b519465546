<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/**
 * The side view of a lure, for every drawing of it: on screen, in print and on paper. Drawn in mm from the nose, x toward
 * the tail and y down. Our own line, not measured from any lure. It is told in commands of an SVG path: a letter with its
 * points, x and y by turns.
 */
final class Outline
{
    /** Share of a blade's height that its back stands above the nose. */
    public const BLADE_BACK = 0.6;

    /** mm of metal above the highest hole of a blade. */
    public const CLEAR_MM = 2.4;

    /** Where the nose points from, as a share of the height from the back. */
    private const BLADE_MIDDLE = 0.56;

    private const BLADE = [
        ['M', [0.0, 0.0]], ['C', [0.03, -0.3, 0.22, -0.56, 0.44, -0.56]], ['C', [0.66, -0.56, 0.78, -0.2, 0.86, -0.13]],
        ['Q', [0.93, -0.22, 1.0, -0.42]], ['Q', [0.95, 0.0, 0.98, 0.3]], ['Q', [0.91, 0.16, 0.85, 0.08]],
        ['C', [0.72, 0.2, 0.5, 0.44, 0.3, 0.44]], ['C', [0.13, 0.44, 0.03, 0.28, 0.0, 0.0]], ['Z', []],
    ];

    private const TAIL_SPINNER = [
        ['M', [0.0, 0.0]], ['C', [0.0, -0.42, 0.2, -0.5, 0.42, -0.48]], ['C', [0.7, -0.42, 0.9, -0.14, 1.0, 0.0]],
        ['C', [0.9, 0.2, 0.66, 0.5, 0.36, 0.5]], ['C', [0.12, 0.5, 0.0, 0.3, 0.0, 0.0]], ['Z', []],
    ];

    private const SPOON = [
        ['M', [0.0, 0.0]], ['C', [0.05, -0.18, 0.16, -0.4, 0.34, -0.48]], ['C', [0.55, -0.56, 0.84, -0.36, 1.0, -0.12]],
        ['Q', [1.015, 0.0, 1.0, 0.12]], ['C', [0.84, 0.36, 0.55, 0.56, 0.34, 0.48]], ['C', [0.16, 0.4, 0.05, 0.18, 0.0, 0.0]], ['Z', []],
    ];

    /** @return list<array{string, list<float>}> x in lengths of the lure; y in its heights, from the middle */
    public static function shares(Family $family): array
    {
        return match ($family) {
            Family::Blade => self::BLADE,
            Family::TailSpinner => self::TAIL_SPINNER,
            Family::Spoon, Family::BladedSpoon => self::SPOON,
        };
    }

    /** Share of the height from the back to the middle. */
    public static function middle(Family $family): float
    {
        return $family === Family::Blade ? self::BLADE_MIDDLE : 0.5;
    }

    /**
     * Height of the back, mm, negative; a blade's back stands clear of its holes.
     *
     * @param  list<float>  $holesMm  heights of the holes above the nose, mm
     */
    public static function topMm(Family $family, float $heightMm, array $holesMm): float
    {
        return $family === Family::Blade
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
