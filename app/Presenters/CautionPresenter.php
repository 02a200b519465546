<?php

declare(strict_types=1);

namespace App\Presenters;

use App\Choosing\RankedBox;
use App\Data\CautionData;
use Eskith\Core\Care\Caution;
use Eskith\Core\Care\Cautions;
use Eskith\Core\Care\Circumstances;

/** The cautions that today's readings and the angler's notes of the water call for. */
final class CautionPresenter
{
    /** @return list<CautionData> */
    public static function of(RankedBox $rankedBox): array
    {
        $book = $rankedBox->book;
        $water = $rankedBox->spot?->water;
        $conditions = $rankedBox->situation->water;

        return array_map(static fn (Caution $caution): CautionData => new CautionData($caution->id, $caution->about, $caution->todo), Cautions::of(new Circumstances(
            $book->likes->units, $conditions->tempC, $conditions->depthM, $conditions->windMs,
            $book->flag('weir') ?? false, $book->flag('ice') ?? false, $rankedBox->situation->aim->species,
            $water?->name, $water->protected_fish ?? '', $water->local_rules ?? '',
        )));
    }
}
