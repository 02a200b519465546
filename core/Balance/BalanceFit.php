<?php

declare(strict_types=1);

namespace Eskith\Core\Balance;

use Eskith\Core\Tackle\Point;
use Eskith\Core\Units\InvalidInput;

/** The balance point that fits hang readings best, and by how much they miss it. */
final readonly class BalanceFit
{
    /** Smallest sine between the steepest and the flattest reading that still fixes a point: about 6°. */
    private const PARALLEL = 0.1;

    private function __construct(public Point $balance, public float $rmsMm)
    {
    }

    /**
     * Least squares over x_c cos β − y_c sin β = x_h cos β − y_h sin β.
     *
     * @param  list<HangReading>  $readings  two or more, from different holes
     *
     * @throws InvalidInput when they are too few or nearly parallel
     */
    public static function from(array $readings): self
    {
        if (count($readings) < 2) {
            throw InvalidInput::because('readings', 'Hang the lure from at least two holes to find its balance point.');
        }
        [$aa, $ab, $bb, $ar, $br] = [0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($readings as $reading) {
            [$a, $b, $r] = self::row($reading);
            $aa += $a * $a;
            $ab += $a * $b;
            $bb += $b * $b;
            $ar += $a * $r;
            $br += $b * $r;
        }
        $determinant = $aa * $bb - $ab * $ab;
        if (self::widestSine($readings) < self::PARALLEL) {
            throw InvalidInput::because(
                'readings',
                'These readings hang too much alike to fix a balance point. Add one that hangs 6° or more differently.',
            );
        }
        $x = ($ar * $bb - $br * $ab) / $determinant;
        $y = ($aa * $br - $ab * $ar) / $determinant;
        $squares = 0.0;
        foreach ($readings as $reading) {
            [$a, $b, $r] = self::row($reading);
            $squares += ($a * $x + $b * $y - $r) ** 2;
        }
        if (! (abs($x) <= 300 && abs($y) <= 300)) {
            throw InvalidInput::because('readings', 'These readings meet far off the lure. Read the angles again.');
        }

        return new self(Point::of($x, $y), sqrt($squares / count($readings)));
    }

    /** @return array{float, float, float} */
    private static function row(HangReading $reading): array
    {
        $cos = cos(deg2rad($reading->angleDeg));
        $sin = sin(deg2rad($reading->angleDeg));

        return [$cos, -$sin, $reading->hole->x * $cos - $reading->hole->y * $sin];
    }

    /** @param  list<HangReading>  $readings */
    private static function widestSine(array $readings): float
    {
        $widest = 0.0;
        foreach ($readings as $i => $one) {
            foreach (array_slice($readings, $i + 1) as $other) {
                $widest = max($widest, abs(sin(deg2rad($one->angleDeg - $other->angleDeg))));
            }
        }

        return $widest;
    }
}
