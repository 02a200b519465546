<?php

declare(strict_types=1);

namespace Eskith\Core\CommandLine;

use Eskith\Core\Drop\WaterColumn;
use Eskith\Core\Tackle\Attitude;
use Eskith\Core\Tackle\Body;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Units\InvalidInput;
use Eskith\Core\Water\Flow;
use Eskith\Core\Water\Profile;
use Eskith\Core\Water\Water;

/** What the drop verbs have in common: the lure's body and the stretch of water. */
final class DropCase
{
    /** @throws InvalidInput */
    public static function body(Fields $case): Body
    {
        return Body::of($case->one(Family::class, 'family'), $case->number('mass_kg'));
    }

    /** @throws InvalidInput */
    public static function attitude(Fields $case, Body $body): Attitude
    {
        return Attitude::of($body->family, $case->textOrNumber('attitude'));
    }

    /** @throws InvalidInput */
    public static function stretch(Fields $case): WaterColumn
    {
        return WaterColumn::of(
            $case->number('depth_m'),
            $case->number('line_d_m'),
            Flow::of(
                $case->number('current_ms', 0.0), $case->number('boat_ms', 0.0),
                $case->one(Profile::class, 'profile', Profile::Uniform),
            ),
            Water::of($case->number('water_c'), $case->number('salinity', 0.0)),
            $case->numberOrNull('fish_depth_m'),
        );
    }
}
