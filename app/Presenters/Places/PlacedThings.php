<?php

declare(strict_types=1);

namespace App\Presenters\Places;

use App\Data\Places\EdgeData;
use App\Data\Places\PlacedMarkData;
use App\Data\Places\PlacedSpotData;
use App\Models\Edge;
use App\Models\Mark;
use App\Models\Spot;
use App\Places\WaterChart;
use App\Rows\Placing;
use Eskith\Core\Choosing\UnitFormat;
use Eskith\Core\Words\Words;
use Eskith\Telling\Enums\EdgeKind;
use Eskith\Telling\Enums\MarkKind;
use Illuminate\Support\Carbon;

/** What lies on a chart: spots, marks and lines, as they are drawn and listed. */
final class PlacedThings
{
    public static function spot(Spot $spot, UnitFormat $say, ?int $here): PlacedSpotData
    {
        $at = Placing::spot($spot);
        $degrees = $at === null ? null : Placing::frame($spot->water)?->degrees($at);

        return new PlacedSpotData(
            id: $spot->id, name: $spot->name, depth: $spot->depth_m === null ? '' : $say->depth($spot->depth_m),
            bottom: $spot->bottom?->value,
            bottomWord: $spot->bottom?->word() ?? '', wall: $spot->wall, x: $at?->east, y: $at?->north, facing: $spot->facing_deg,
            position: $degrees === null ? '' : sprintf('%.5f, %.5f', ...$degrees), here: $spot->id === $here,
        );
    }

    public static function mark(Mark $mark, UnitFormat $say): PlacedMarkData
    {
        $depth = $mark->depth_m === null ? '' : $say->depth($mark->depth_m);
        $word = $mark->kind === MarkKind::Bottom && $mark->bottom !== null ? $mark->bottom->word() : ($mark->kind?->word() ?? 'a mark');

        return new PlacedMarkData(
            uuid: $mark->uuid, kind: $mark->kind ?? MarkKind::Place, word: $word,
            words: implode(', ', array_filter([
                $depth === '' ? '' : Words::of(
                    'at {depth}', depth: $depth,
                ), $mark->side, $mark->direction, $mark->note, $mark->about ? 'somewhere at the spot' : '',
                $mark->accuracy_m === null ? '' : Words::of('within {accuracy}', accuracy: $say->depth($mark->accuracy_m)),
            ])),
            x: $mark->east_m, y: $mark->north_m, about: $mark->about, at: $mark->at->toIso8601String(), depth: $depth,
            bottom: $mark->bottom?->value, side: $mark->side, direction: $mark->direction, note: $mark->note,
        );
    }

    public static function edge(Edge $edge, ?LookPresenter $look, ?WaterChart $charted): EdgeData
    {
        $line = Placing::line($edge->points);
        $flat = [];
        foreach ($line as $at) {
            array_push($flat, round($at->east, 1), round($at->north, 1));
        }

        return new EdgeData(
            uuid: $edge->uuid, kind: $edge->kind ?? EdgeKind::Wall, word: $edge->kind?->word() ?? 'line', name: $edge->name, points: $flat,
            seenOn: $edge->seen_on->toDateString(),
            old: $edge->kind === EdgeKind::Weed && $edge->seen_on->diffInDays(Carbon::now()) > LookPresenter::OLD_DAYS,
            lee: $edge->kind === EdgeKind::Shore && $charted !== null ? $look?->leePieces($line, $charted) ?? [] : [],
        );
    }
}
