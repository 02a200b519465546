<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Tackle\Accent;
use Eskith\Core\Tackle\Finish;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Words\Words;
use Eskith\Telling\Data\Picture\HoleData;
use Eskith\Telling\Data\Picture\LureDrawing;
use Eskith\Telling\Kept\KeptLure;

/** What is needed to draw a lure from its measures. */
final class Drawing
{
    public static function of(KeptLure $row, ?Lure $lure = null): LureDrawing
    {
        $lure ??= $row->lure();
        $holes = count($lure->holes);
        // Not Str::plural: it loads twenty classes, which every answer would pay for.
        $named = $holes === 1 ? 'hole' : 'holes';

        return new LureDrawing(
            family: $lure->family,
            lengthMm: $row->number('length_mm'),
            heightMm: $row->number('height_mm'),
            holes: array_map(static fn (Hole $hole): HoleData => new HoleData($hole->name, $hole->at->x, $hole->at->y), $lure->holes),
            balanceX: $lure->balance?->x,
            balanceY: $lure->balance?->y,
            finish: $lure->finish,
            red: $lure->redNearHooks,
            accents: array_map(static fn (Accent $accent): string => $accent->value, $lure->accents),
            words: implode(', ', array_filter([
                Finish::word($lure->finish).' '.LureNames::family($lure),
                Words::of('{number} mm long', number: $row->number('length_mm')),
                $holes === 0 ? '' : Words::of('{holes} line {named}', holes: $holes, named: $named),
                $lure->accents === [] ? '' : Words::of('with {accents}', accents: Accent::words($lure->accents)),
            ])),
        );
    }
}
