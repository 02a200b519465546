<?php

declare(strict_types=1);

namespace Eskith\Telling\Water;

use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Units\Unit;

/** A distance over water as one says it: to two figures; what is far in kilometres or miles. */
final class Distance
{
    /** m, international mile (NIST Handbook 44, appendix C). */
    private const MILE_M = 1609.344;

    public static function say(float $metres, UnitFormat $say): string
    {
        $unit = $say->units->depth;
        [$longer, $word] = $unit === Unit::Metre ? [1_000.0, 'km'] : [self::MILE_M, 'mi'];
        if ($metres >= $longer) {
            return round($metres / $longer, 1)."\u{00A0}{$word}";
        }
        $value = $unit->fromSi($metres);
        $grain = $value < 20 ? 1 : ($value < 100 ? 5 : ($value < 1000 ? 10 : 100));

        return round($value / $grain) * $grain."\u{00A0}".$unit->symbol();
    }
}
