<?php

declare(strict_types=1);

namespace App\Places;

use App\Models\Water;
use App\Rows\GroundReader;
use App\Rows\Placing;
use Eskith\Core\Water\Frame;

/** Where on the earth a water lies: told by the first place that is heard of it, where nothing on it is placed yet. */
final class Anchor
{
    /** Null where the water has no origin, and something on it is placed already. */
    public static function frame(Water $water, float $latitude, float $longitude): ?Frame
    {
        return Placing::frame($water) ?? self::laid($water, $latitude, $longitude);
    }

    /** Lays the origin of a water on which nothing is placed yet; null where something is. */
    private static function laid(Water $water, float $latitude, float $longitude): ?Frame
    {
        $placed = $water->spots()->whereNotNull('east_m')->exists() || $water->marks()->exists() || $water->edges()->exists()
            || GroundReader::rows($water)->exists();
        if ($placed) {
            return null;
        }
        $frame = Frame::of($latitude, $longitude);
        $water->update(['latitude' => round($latitude, 6), 'longitude' => round($longitude, 6)]);

        return Placing::frame($water) ?? $frame;
    }
}
