<?php

declare(strict_types=1);

namespace App\Presenters\Water;

use App\Models\Line;
use App\Models\Spot;
use App\Models\User;
use App\Models\Water;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Telling\Data\Water\LineData;
use Eskith\Telling\Data\Water\PlaceData;
use Eskith\Telling\Data\Water\SpotData;

/** Waters with their spots, and the lines one may have on the reel there. */
final class PlacePresenter
{
    /** @return list<PlaceData> */
    public static function all(User $user): array
    {
        $say = new UnitFormat($user->settings()->units);

        return array_values($user->waters()->with('spots')->orderBy('id')->get()->map(static fn (Water $water): PlaceData => new PlaceData(
            $water->name,
            array_values(
                $water->spots->map(
                    static fn (Spot $spot): SpotData => new SpotData(
                        $spot->id, $spot->name, $spot->depth_m === null ? '' : $say->depth($spot->depth_m),
                    ),
                )->all(),
            ),
        ))->all());
    }

    /** @return list<LineData> */
    public static function lines(User $user): array
    {
        return array_values(
            $user->lines()->get()->map(
                static fn (Line $line): LineData => new LineData($line->id, $line->name, $line->diameter_text, $line->in_use),
            )->all(),
        );
    }
}
