<?php

declare(strict_types=1);

namespace Eskith\Core\Tackle;

/** Usual proportions of a lure that nobody has measured yet: a first drawing, to be corrected on the bench. Estimates. */
final class Proportions
{
    /** Shortest and longest a lure is, mm; its height likewise. */
    public const RANGE_MM = [3.0, 300.0];

    /** kg of the lure that the lengths below are for (half an ounce). */
    private const REFERENCE_KG = 0.01417;

    /** Length from nose to tail and height, mm; grows with the cube root of the mass. */
    public static function size(Family $family, float $massKg): Point
    {
        [$length, $height] = $family->definition()->sizeMm;
        $scale = ($massKg / self::REFERENCE_KG) ** (1 / 3);

        return Point::of(round($length * $scale, 1), round($height * $scale, 1));
    }

    /**
     * Holes spread along the back.
     *
     * @param  int  $count  0 to 4
     * @return list<Hole> nose first
     */
    public static function holes(Point $size, int $count): array
    {
        $names = [[], ['middle'], ['front', 'back'], ['front', 'middle', 'back'], ['front', 'second', 'third', 'back']][$count] ?? [];
        $holes = [];
        foreach ($names as $i => $name) {
            $share = count($names) === 1 ? 0.48 : 0.35 + 0.27 * $i / (count($names) - 1);
            $holes[] = new Hole($name, Point::of(round($size->x * $share, 1), round($size->y * 0.52, 1)));
        }

        return $holes;
    }
}
