<?php

declare(strict_types=1);

namespace Eskith\Core\Units;

/** A weight as it is stamped on a lure: whole ounces and sixteenths, "½", "⅝", "1 ¼". */
final readonly class Fraction
{
    /** Largest relative miss that still counts as the fraction, so that 14.2 g prints as 1/2 oz. */
    private const TOLERANCE = 0.004;

    private const GLYPHS = ['1/2' => '½', '1/4' => '¼', '3/4' => '¾', '1/8' => '⅛', '3/8' => '⅜', '5/8' => '⅝', '7/8' => '⅞'];

    private function __construct(public int $whole, public int $sixteenths)
    {
    }

    /** The fraction this number of ounces means, or null when it is none. */
    public static function near(float $ounces): ?self
    {
        $steps = (int) round($ounces * 16);
        if ($steps < 1 || $ounces > 16 || abs($steps / 16 - $ounces) > self::TOLERANCE * $ounces) {
            return null;
        }

        return new self(intdiv($steps, 16), $steps % 16);
    }

    public function text(): string
    {
        if ($this->sixteenths === 0) {
            return (string) $this->whole;
        }
        $top = $this->sixteenths;
        $bottom = 16;
        while ($top % 2 === 0) {
            $top = intdiv($top, 2);
            $bottom = intdiv($bottom, 2);
        }

        return ($this->whole > 0 ? $this->whole.' ' : '').(self::GLYPHS["{$top}/{$bottom}"] ?? "{$top}/{$bottom}");
    }
}
