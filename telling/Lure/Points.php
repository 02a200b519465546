<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

/** Points in figures. */
final class Points
{
    /** A sum: "2", "−0.5". Quarters are told as they are, what was reckoned to one place. */
    public static function plain(float $points): string
    {
        $places = abs(4 * $points - round(4 * $points)) < 1e-6 ? 2 : 1;

        return ($points < 0 ? '−' : '').rtrim(rtrim(number_format(abs($points), $places, '.', ''), '0'), '.');
    }

    /** What is added or taken: "+2", "−0.5". */
    public static function signed(float $points): string
    {
        return ($points > 0 ? '+' : '').self::plain($points);
    }
}
