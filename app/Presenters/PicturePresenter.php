<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Choosing\RankedBox;
use App\Data\Picture\PictureData;
use App\Models\User;
use App\Presenters\Water\ColumnPresenter;
use App\Presenters\Water\DropPresenter;
use Eskith\Core\Choosing\LureNames;

/** The picture of the day by itself, for pages that show nothing else of it. */
final class PicturePresenter
{
    public static function today(User $user): PictureData
    {
        return self::of(RankedBox::today($user));
    }

    public static function of(RankedBox $rankedBox): PictureData
    {
        $first = ($rankedBox->ranked[0] ?? null)?->candidate;
        $column = (new ColumnPresenter)->of($rankedBox, $first);

        return new PictureData(
            column: $column,
            drop: $first === null ? null : DropPresenter::of($first, $rankedBox->situation),
            lure: $first === null ? null : Drawing::of($rankedBox->row($first->lure), $first->lure),
            holeInUse: $first?->holeIndex,
            // Its weight and family: the finish is seen.
            title: $first === null ? $column->depthText : (new LureNames($rankedBox->situation->say))->kind($first->lure),
            aside: AsidePresenter::of($rankedBox),
        );
    }
}
