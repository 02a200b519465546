<?php

declare(strict_types=1);

namespace App\Answers;

use App\Data\AnswerData;
use App\Data\PickData;
use App\Data\RackData;
use App\Models\Outing;
use App\Models\Setup;
use App\Models\User;
use App\Readings\ReadingBook;
use Eskith\Core\Choosing\Pick;
use Eskith\Core\Choosing\Spoken;
use Eskith\Core\Tackle\Hole;
use Eskith\Core\Tackle\Lure;
use Eskith\Core\Units\InvalidInput;

/** Asks the core what to tie on for an angler's readings and box, and puts the answer into words and drawings. */
final readonly class AnswerBuilder
{
    /** Lures listed. */
    private const LISTED = 10;

    /**
     * The answer for today's readings, overlaid by those that are only tried, and for what is tied on.
     *
     * @param  array<array-key, mixed>  $tried  name => text
     * @param  string|null  $wanted  a way to fish, "lure.hole.cadence", also where it is far down
     * @param  string|null  $family  lists only this family; "vibe" is one
     *
     * @throws InvalidInput when a tried reading cannot be used
     */
    public function today(User $user, array $tried = [], ?string $wanted = null, ?string $family = null): AnswerData
    {
        return $this->told(Standing::today($user, $tried), $wanted, $family);
    }

    public function build(User $user, ReadingBook $book, ?Outing $outing, ?string $wanted, ?Setup $setup): AnswerData
    {
        return $this->told(Standing::of($user, $book, $outing, $setup), $wanted, null);
    }

    private function told(Standing $standing, ?string $wanted, ?string $family): AnswerData
    {
        [$user, $book, $situation] = [$standing->user, $standing->book, $standing->situation];
        $spoken = new Spoken($situation);
        [$headline, $lead] = $spoken->answer($standing->ranked, $standing->box, $standing->rules);
        $byLure = $standing->byLure();
        $families = array_values(array_unique(array_map(static fn (Lure $lure): string => self::family($lure), $standing->box)));
        $family = in_array($family, $families, true) ? $family : null;
        $chosen = $wanted === null ? null : $standing->find($wanted);
        $picks = $this->listed($standing, $byLure, $family);
        $keys = array_map(static fn (PickData $pick): string => $pick->key, $picks);

        return new AnswerData(
            ReadingPresenter::all($book),
            http_build_query($book->texts()),
            $book->overlaid,
            $headline, $lead,
            CautionPresenter::of($standing),
            $book->signs(),
            $standing->rules->mostWanted($situation)?->value,
            $standing->rows->count(),
            $picks,
            $chosen === null || in_array(Standing::key($chosen), $keys, true) ? null : $this->one($standing, $byLure, $chosen),
            (new ColumnPresenter)->of($standing, ($chosen ?? $standing->ranked[0] ?? null)?->candidate),
            self::rack($byLure, $spoken),
            FeedPresenter::of($user->feed()->first()),
            count($families) > 1 ? $families : [],
            $family,
            $user->pinned_lure_id,
        );
    }

    /**
     * The best way of each lure listed, and of the pinned one.
     *
     * @param  array<int|string, non-empty-list<Pick>>  $byLure
     * @return list<PickData>
     */
    private function listed(Standing $standing, array $byLure, ?string $family): array
    {
        $pinned = (string) $standing->user->pinned_lure_id;
        $shown = [];
        $fitting = 0;
        foreach (array_keys($byLure) as $place => $id) {
            $fits = ($family === null || self::family($byLure[$id][0]->candidate->lure) === $family) && $fitting < self::LISTED;
            $fitting += (int) $fits;
            if ($fits || (string) $id === $pinned) {
                $shown[$place + 1] = $byLure[$id];
            }
        }
        $presenter = new PickPresenter($standing);
        $others = $standing->situation->with(schools: $standing->situation->schools->withOtherHole());
        $theirs = $standing->chooser->bestHoles($others, array_map(static fn (array $ways): Lure => $ways[0]->candidate->lure, array_values($shown)));
        $picks = [];
        foreach (array_keys($shown) as $i => $place) {
            $picks[] = $presenter->of($shown[$place][0], $shown[$place], $place, $theirs[$i]);
        }

        return $picks;
    }

    /** @param  array<int|string, non-empty-list<Pick>>  $byLure */
    private function one(Standing $standing, array $byLure, Pick $pick): PickData
    {
        $lure = $pick->candidate->lure;
        $others = $standing->situation->with(schools: $standing->situation->schools->withOtherHole());
        $place = 1 + (int) array_search($lure->id, array_map(strval(...), array_keys($byLure)), true);

        return (new PickPresenter($standing))->of($pick, $byLure[$lure->id], $place, $standing->chooser->bestHoles($others, [$lure])[0]);
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
    private static function rack(array $byLure, Spoken $spoken): array
    {
        return array_values(array_map(static function (array $ways) use ($spoken): RackData {
            $lure = $ways[0]->candidate->lure;

            return new RackData(
                Standing::key($ways[0]), $spoken->title($lure), $lure->massKg, $lure->family->value, $lure->finish,
                array_map(static fn (Hole $hole): string => $hole->name, $lure->holes),
            );
        }, $byLure));
    }
}
