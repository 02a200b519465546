<?php

declare(strict_types=1);

namespace Eskith\Telling\Lure;

use Eskith\Core\Choosing\Headline;
use Eskith\Core\Choosing\LureNames;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Telling\Choosing\RankedBox;
use Eskith\Telling\Data\Lure\AnswerData;
use Eskith\Telling\Data\Lure\RackData;
use Eskith\Telling\Data\Lure\WayShownData;
use Eskith\Telling\Water\ColumnPresenter;
use Eskith\Telling\Water\FeedPresenter;
use Eskith\Telling\Water\ReadingPresenter;

/** Asks the core what to tie on for an angler's readings and box, and puts the answer into words and drawings. */
final class AnswerPresenter
{
    private const MOVE = 'Time to move: no bite here for long enough.';

    /** Lures listed. */
    private const LISTED = 10;

    /**
     * @param  string|null  $wanted  a way to fish, "lure.hole.cadence", also where it is far down
     * @param  string|null  $family  lists only this family; "vibe" is one
     */
    public static function of(RankedBox $rankedBox, ?string $wanted = null, ?string $family = null): AnswerData
    {
        [$kit, $book, $situation] = [$rankedBox->kit, $rankedBox->book, $rankedBox->situation];
        $names = new LureNames($situation->say);
        [$headline, $lead] = self::said($rankedBox);
        $byLure = $rankedBox->byLure();
        $families = array_values(array_unique(array_map(static fn (Lure $lure): string => self::family($lure), $rankedBox->box)));
        $family = in_array($family, $families, true) ? $family : null;
        $wish = $wanted === null ? null : $rankedBox->find($wanted);
        $listed = self::listed($byLure, $family, (string) $kit->pinned, $wish);
        $shown = self::shown($rankedBox, $wish ?? $listed[0] ?? null);

        return new AnswerData(
            readings: ReadingPresenter::all($book),
            query: http_build_query($book->texts()),
            fromLink: $book->overlaid,
            headline: $headline,
            lead: $lead,
            cautions: CautionPresenter::of($rankedBox),
            aside: AsidePresenter::of($rankedBox),
            signs: $book->signs(),
            wanted: $rankedBox->rules->mostWanted($situation)?->missing(),
            move: self::move($rankedBox),
            angleHelps: $situation->column === null && $situation->columnIfStill !== null && $rankedBox->box !== [],
            boxCount: count($rankedBox->rows),
            picks: array_map((new PickPresenter($rankedBox))->inShort(...), $listed),
            chosen: $shown->chosen,
            column: $shown->column,
            rack: self::rack($byLure, $names),
            feed: FeedPresenter::of($kit->feed, $book->now),
            families: count($families) > 1 ? $families : [],
            family: $family,
            pinned: $kit->pinned,
        );
    }

    /** A way to fish alone, "lure.hole.cadence": what of an answer belongs to it. */
    public static function way(RankedBox $rankedBox, string $wanted): WayShownData
    {
        return self::shown($rankedBox, $rankedBox->find($wanted));
    }

    /** The same of the way that an answer would choose. */
    public static function chosen(RankedBox $rankedBox, ?string $wanted = null): WayShownData
    {
        $wish = $wanted === null ? null : $rankedBox->find($wanted);

        return self::shown($rankedBox, $wish ?? array_values($rankedBox->byLure())[0][0] ?? null);
    }

    private static function shown(RankedBox $rankedBox, ?Pick $pick): WayShownData
    {
        return new WayShownData(
            $pick === null ? null : (new PickPresenter($rankedBox))->inFull($pick),
            (new ColumnPresenter)->of($rankedBox, $pick?->candidate),
        );
    }

    /** When it is time to leave the spot, in a sentence. */
    public static function move(RankedBox $rankedBox): ?string
    {
        return $rankedBox->day->isTimeToMove($rankedBox->situation->vertical()) ? self::MOVE : null;
    }

    /** What to tie on, in a sentence. */
    public static function headline(RankedBox $rankedBox): string
    {
        return self::said($rankedBox)[0];
    }

    /** @return array{string, string} the headline, and what leads to it */
    private static function said(RankedBox $rankedBox): array
    {
        $situation = $rankedBox->situation;

        return (new Headline($situation))->of(
            $rankedBox->ranked, $rankedBox->box, $rankedBox->chooser, $rankedBox->day->isTimeToMove($situation->vertical()),
        );
    }

    /**
     * The best way of each lure listed, and of the pinned one; the wish where it is of one of them.
     *
     * @param  array<int|string, non-empty-list<Pick>>  $byLure
     * @return list<Pick>
     */
    private static function listed(array $byLure, ?string $family, string $pinned, ?Pick $wish): array
    {
        $listed = [];
        $fitting = 0;
        foreach ($byLure as $id => $ways) {
            $fits = ($family === null || self::family($ways[0]->candidate->lure) === $family) && $fitting < self::LISTED;
            $fitting += (int) $fits;
            if ($fits || (string) $id === $pinned) {
                $listed[] = (string) $id === $wish?->candidate->lure->id ? $wish : $ways[0];
            }
        }

        return $listed;
    }

    /** "blade", "vibe", "bladed_spoon". */
    private static function family(Lure $lure): string
    {
        return $lure->isVibe() ? 'vibe' : $lure->family->value;
    }

    /**
     * @param  array<int|string, non-empty-list<Pick>>  $byLure
     * @return list<RackData>
     */
    private static function rack(array $byLure, LureNames $names): array
    {
        return array_values(array_map(static function (array $ways) use ($names): RackData {
            $lure = $ways[0]->candidate->lure;

            return new RackData(
                key: RankedBox::key($ways[0]),
                lureId: (int) $lure->id,
                title: $names->title($lure),
                massKg: $lure->massKg,
                family: $lure->family,
                finish: $lure->finish,
                holes: array_map(static fn (Hole $hole): string => $hole->name, $lure->holes),
            );
        }, $byLure));
    }
}
