<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Move;
use App\Models\Outing;
use App\Models\Pause;
use App\Models\Setup;
use App\Models\User;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\CurrentSpot;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use stdClass;

/** The outings of an angler's day with what was tied on in them, in one look; and one of them in view. */
final readonly class AnglersDay
{
    /** h that belong to today, for a night's fishing too. */
    public const HOURS = 18.0;

    /**
     * @param  list<stdClass>  $setups  of all outings of the day, in the order they were tied on: columns of setups, `ended_at` of
     *                                  the outing and `finish` of the lure
     * @param  list<int>  $rested  ids of outings of the day in which anything paused
     * @param  int|null  $outing  id of the one in view; null between outings
     * @param  string  $place  where that is now, as it is called; '' between outings
     * @param  int|null  $spot  id of the spot where it is now; null between outings, or at no spot of the angler's own
     * @param  OnTheRod|null  $inHand  what is on the rod in hand; null while nothing is
     */
    private function __construct(
        public ?int $rodInHand,
        public array $setups,
        public array $rested,
        public ?int $outing,
        public string $place,
        public ?int $spot,
        public ?OnTheRod $inHand,
    ) {
    }

    /** With the outing under way in view. */
    public static function of(User $user): self
    {
        $rows = self::rows($user);
        $open = null;
        foreach ($rows as $row) {
            $open = $row->ended_at === null && ($open === null || self::later($row, $open)) ? $row : $open;
        }
        $setups = array_values(array_filter($rows, static fn (stdClass $row): bool => $row->id !== null));
        $last = null;
        foreach ($setups as $row) {
            $last = $row->outing_id === $open?->outing_id && Coerce::whole($row->rod_id) === (int) $user->rod_id ? $row : $last;
        }
        $paused = array_filter($rows, static fn (stdClass $row): bool => (bool) $row->paused);

        return new self(
            rodInHand: $user->rod_id,
            setups: $setups,
            rested: array_values(array_unique(array_map(static fn (stdClass $row): int => Coerce::whole($row->outing_id), $paused))),
            outing: $open === null ? null : Coerce::whole($open->outing_id),
            place: $open === null ? '' : Coerce::text($open->moved_to === null ? $open->place : $open->moved_place),
            spot: match (true) {
                $open === null => null,
                // 0 where it moved to a spot that is gone since.
                $open->moved_to !== null => Coerce::whole($open->moved_to) ?: null,
                default => $open->began_at === null ? null : Coerce::whole($open->began_at),
            },
            inHand: $last === null || $last->until_at !== null ? null : OnTheRod::row($last),
        );
    }

    /** Where one fishes, or would: as it is called. */
    public function placeOr(?CurrentSpot $here): string
    {
        return $this->outing !== null ? $this->place : $here->place ?? 'Today';
    }

    /** With another outing in view, and what is on the rod in hand there. */
    public function in(Outing $outing, ?Setup $setup): self
    {
        return new self(
            rodInHand: $this->rodInHand, setups: $this->setups, rested: $this->rested, outing: $outing->id,
            place: $outing->placeNow(), spot: $outing->spotIdAt(), inHand: $setup === null ? null : OnTheRod::setup($setup),
        );
    }

    /** @return list<stdClass> one for each setup, and one for each outing in which nothing was tied on */
    private static function rows(User $user): array
    {
        $since = Carbon::now()->subMinutes((int) (60 * self::HOURS));
        $move = static fn (string $column): Builder => Move::query()->toBase()->whereColumn('outing_id', 'outings.id')
            ->whereNull('undone_at')->latest('at')->latest('id')->limit(1)->selectRaw($column);

        return array_values($user->outings()->toBase()
            ->leftJoin('setups', 'setups.outing_id', '=', 'outings.id')
            ->leftJoin('lures', 'lures.id', '=', 'setups.lure_id')
            ->where(static fn (Builder $day) => $day->whereNull('outings.ended_at')->orWhere('outings.ended_at', '>', $since))
            ->orderBy('setups.tied_at')->orderBy('setups.id')
            ->select([
                'outings.id as outing_id', 'outings.started_at', 'outings.ended_at', 'outings.spot_id as began_at', 'outings.place',
                'setups.id', 'setups.rod_id', 'setups.lure_id', 'setups.hole', 'setups.cadence', 'setups.tied_at', 'setups.until_at',
                'setups.spot_id', 'lures.finish',
            ])
            ->selectSub($move('coalesce(spot_id, 0)'), 'moved_to')
            ->selectSub($move('place'), 'moved_place')
            ->selectSub(Pause::query()->toBase()->whereColumn('outing_id', 'outings.id')->selectRaw('count(*)'), 'paused')
            ->get()->all());
    }

    private static function later(stdClass $one, stdClass $other): bool
    {
        return [$one->started_at, $one->outing_id] > [$other->started_at, $other->outing_id];
    }
}
