<?php

declare(strict_types=1);

namespace App\Presenters\Lure;

/** Points in figures. */
final class Points
{
    /** A sum: "2", "−0.5". */
    public static function plain(float $points): string
    {
        return ($points < 0 ? '−' : '').rtrim(rtrim(number_format(abs($points), 2, '.', ''), '0'), '.');
    }

    /** What is added or taken: "+2", "−0.5". */
    public static function signed(float $points): string
    {
        return ($points > 0 ? '+' : '').self::plain($points);
    }
}
