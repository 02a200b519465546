<?php

declare(strict_types=1);

namespace Eskith\Core\Drop\Internal;

/** Bracketed root finding. */
final class Bisection
{
    /**
     * @param  callable(float): float  $f  with a change of sign between low and high
     * @return float the root, to about ten digits of the bracket
     */
    public static function root(callable $f, float $low, float $high): float
    {
        $atLow = $f($low);
        if ($atLow === 0.0) {
            return $low;
        }
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $atMiddle = $f($middle);
            if ($atMiddle === 0.0 || $high - $low < 1e-12 * max(1.0, abs($middle))) {
                return $middle;
            }
            if (($atMiddle < 0) === ($atLow < 0)) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
