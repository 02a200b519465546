<?php

declare(strict_types=1);

namespace App\Presenters\Pictures;

use App\Models\Picture;
use App\Pictures\Pictures;
use Eskith\Telling\Data\PictureData;
use Eskith\Telling\Enums\PictureOf;

/** Pictures as they are told: where each is had from follows from its uuid. */
final class PicturePresenter
{
    /** @return list<PictureData> of one thing, the oldest first */
    public static function ofOne(PictureOf $of, int $id): array
    {
        return array_map(self::one(...), Pictures::ofOne($of, $id));
    }

    /**
     * @param  list<int>  $outings
     * @return array<int, list<PictureData>> by event of these
     */
    public static function byEvent(array $outings): array
    {
        $by = [];
        foreach (Pictures::ofOutings($outings) as $picture) {
            $by[(int) $picture->event_id][] = self::one($picture);
        }

        return $by;
    }

    private static function one(Picture $picture): PictureData
    {
        return new PictureData($picture->uuid, $picture->width, $picture->height);
    }
}
