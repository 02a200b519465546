<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Compare\Difference;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Units\Unit;
use Eskith\Core\Words\Words;
use Eskith\Telling\Choosing\SingleDrop;
use Eskith\Telling\Data\Water\GhostData;
use Eskith\Telling\Water\DropPresenter;

/** A second drop beside the first. */
final class GhostPresenter
{
    public static function of(SingleDrop $first, SingleDrop $second): GhostData
    {
        $candidate = $second->candidate();
        $title = implode(', ', array_filter([
            (new LureNames($second->situation->say))->kind($second->lure),
            $candidate->hole() === null ? '' : Words::of('{hole} hole', hole: $candidate->hole()->name),
            Words::of('{millimetre} line', millimetre: Unit::Millimetre->print($second->situation->lineDiameterM)),
        ]));

        return new GhostData(
            $title, Drawing::of($second->row, $second->lure), $second->holeIndex, DropPresenter::of($candidate, $second->situation),
            Difference::words($first->candidate(), $first->situation, $candidate, $second->situation),
        );
    }
}
