<?php

declare(strict_types=1);

namespace Eskith\Core\Care;

use Eskith\Core\Units\UnitSet;

/** Short cautions where the readings call for them; never instead of local rules. */
final class Cautions
{
    /** °C of water below which a life jacket is worn. */
    private const JACKET_C = 15.0;

    /** m from which a fish brought up is hurt by its swelling swim bladder. */
    private const DEEP_M = 9.0;

    /** m/s of wind from which a small boat is in trouble. */
    private const WINDY_MS = 8.0;

    /**
     * @param  float|null  $waterC  °C
     * @param  float|null  $depthM  m
     * @param  float|null  $windMs  m/s
     * @return list<string>
     */
    public static function of(UnitSet $units, ?float $waterC, ?float $depthM, ?float $windMs): array
    {
        $said = [];
        if ($waterC !== null && $waterC < self::JACKET_C) {
            $said[] = "{$units->temperature->print($waterC)} water: wear the life jacket. Breath goes in the first minute, hands in about ten.";
        }
        if ($depthM !== null && $depthM > self::DEEP_M) {
            $said[] = "{$units->depth->print($depthM)} deep: fish brought up from here are hurt by it. To release them, fish shallower or use a descending device.";
        }
        if ($windMs !== null && $windMs >= self::WINDY_MS) {
            $said[] = "{$units->speed->print($windMs)} of wind: rough for a small boat. Keep near shelter.";
        }

        return $said;
    }
}
