<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Care\Caution;
use Eskith\Core\Care\Cautions;
use Eskith\Core\Care\Circumstances;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\CautionData;

/** The cautions that today's readings and the angler's notes of the water call for. */
final class CautionPresenter
{
    /** @return list<CautionData> */
    public static function of(RankedBox $rankedBox): array
    {
        $book = $rankedBox->book;
        $here = $rankedBox->kit->here;
        $conditions = $rankedBox->situation->water;

        $day = new Circumstances(
            units: $book->settings->units,
            waterC: $conditions->tempC,
            depthM: $conditions->depthM,
            windMs: $conditions->windMs,
            weir: $book->flag('weir') ?? false,
            ice: $book->flag('ice') ?? false,
            sought: $rankedBox->situation->aim->species,
            waterName: $here?->water,
            protected: $here->protected ?? '',
            localRules: $here->localRules ?? '',
            onFoot: $conditions->onFoot,
        );

        return array_map(
            static fn (Caution $caution): CautionData => new CautionData(
                $caution->id, $caution->about, $caution->todo, $caution->why,
            ),
            Cautions::of($day),
        );
    }
}
