<?php

declare(strict_types=1);

namespace App\Answers;

use App\Calibration\Calibrations;
use App\Data\HoleData;
use App\Data\LureDrawing;
use App\Models\Lure as LureRow;
use Eskith\Core\Choosing\Spoken;
use Eskith\Core\Tackle\Family;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Tackle\Point;

/** Turns rows of the tackle box into lures of the core and into drawings. */
final class LureReader
{
    /** With calibrations, what the angler measured takes the place of what was assumed. */
    public static function lure(LureRow $row, ?Calibrations $measured = null): Lure
    {
        $holes = $row->holes;
        $balance = $row->balance_x === null || $row->balance_y === null ? null : Point::of($row->balance_x, $row->balance_y);

        return Lure::of(
            (string) $row->id,
            Family::from($row->family),
            $row->mass_kg,
            $row->finish,
            $row->red_near_hooks,
            array_map(static fn (array $hole): Hole => new Hole($hole['name'], Point::of((float) $hole['x'], (float) $hole['y'])), $holes),
            $measured?->balance($row->id, $holes)->balance ?? $balance,
            $measured?->drag($row->id) ?? [],
        );
    }

    public static function drawing(LureRow $row, ?Lure $lure = null): LureDrawing
    {
        $lure ??= self::lure($row);
        $holes = count($lure->holes);

        return new LureDrawing(
            $lure->family->value, $row->length_mm, $row->height_mm,
            array_map(static fn (Hole $hole): HoleData => new HoleData($hole->name, $hole->at->x, $hole->at->y), $lure->holes),
            $lure->balance?->x, $lure->balance?->y, $row->finish, $row->red_near_hooks,
            Finish::word($row->finish).' '.Spoken::family($lure).", {$row->length_mm} mm long".($holes > 0 ? ", {$holes} line ".($holes === 1 ? 'hole' : 'holes') : ''),
        );
    }
}
