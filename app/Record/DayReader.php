<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Event;
use App\Models\Move;
use App\Models\Outing;
use App\Models\Pause;
use App\Models\Setup;
use App\Models\User;
use Eskith\Core\Cadence\Cadence;
use Eskith\Telling\Day\AnglersDay;
use Eskith\Telling\Day\OnTheRod;
use Eskith\Telling\Kept\Coerce;
use Eskith\Telling\Kept\KeptEvent;
use Eskith\Telling\Kept\KeptPause;
use Eskith\Telling\Kept\KeptSetup;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Carbon;
use stdClass;

/** Reads the outings of an angler's day as they are kept. */
final class DayReader
{
    /** With the outing under way in view. */
    public static function of(User $user): AnglersDay
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

        return new AnglersDay(
            rodInHand: $user->rod_id,
            setups: array_map(self::setup(...), $setups),
            events: self::bites($setups),
            pauses: self::pauses($rows),
            outing: $open === null ? null : Coerce::whole($open->outing_id),
            uuid: $open === null ? '' : Coerce::text($open->outing_uuid),
            place: $open === null ? '' : Coerce::text($open->moved_to === null ? $open->place : $open->moved_place),
            spot: match (true) {
                $open === null => null,
                // 0 where it moved to a spot that is gone since.
                $open->moved_to !== null => Coerce::whole($open->moved_to) ?: null,
                default => $open->began_at === null ? null : Coerce::whole($open->began_at),
            },
            inHand: $last === null || $last->until_at !== null ? null : new OnTheRod(
                $last->lure_id === null ? null : Coerce::whole($last->lure_id), $last->hole === null ? null : Coerce::text($last->hole),
                Cadence::tryFrom(Coerce::text($last->cadence)),
            ),
        );
    }

    /** With another outing in view, and what is on the rod in hand there. */
    public static function in(User $user, Outing $outing, ?Setup $setup): AnglersDay
    {
        return self::of($user)->in(
            $outing->id, $outing->uuid, $outing->placeNow(), $outing->spotIdAt(),
            $setup === null ? null : new OnTheRod($setup->lure_id, $setup->hole, $setup->cadence),
        );
    }

    private static function setup(stdClass $row): KeptSetup
    {
        return new KeptSetup(
            id: Coerce::whole($row->id),
            uuid: Coerce::text($row->uuid),
            outing: Coerce::whole($row->outing_id),
            rod: $row->rod_id === null ? null : Coerce::whole($row->rod_id),
            lure: $row->lure_id === null ? null : Coerce::whole($row->lure_id),
            hole: $row->hole === null ? null : Coerce::text($row->hole),
            cadence: Coerce::text($row->cadence),
            spot: $row->spot_id === null ? null : Coerce::whole($row->spot_id),
            finish: $row->finish === null ? null : Coerce::text($row->finish),
            tiedAt: self::seconds($row->tied_at),
            untilAt: self::seconds($row->until_at),
            endedAt: self::seconds($row->ended_at),
        );
    }

    /** s since the epoch; null for what is no moment. */
    private static function seconds(mixed $moment): ?float
    {
        return preg_match('/^\d{4}-\d{2}-/', Coerce::text($moment)) === 1 ? Coerce::seconds($moment) : null;
    }

    /**
     * @param  list<stdClass>  $setups
     * @return list<KeptEvent>
     */
    private static function bites(array $setups): array
    {
        return $setups === [] ? [] : array_values(
            Event::query()->standing()->bites()->whereIn('setup_id', array_column($setups, 'id'))->toBase()
                ->get(['uuid', 'kind', 'setup_id', 'at', 'landed', 'lure_lost'])
                ->map(static fn (stdClass $row): KeptEvent => new KeptEvent(
                    uuid: Coerce::text($row->uuid), kind: Coerce::text($row->kind), setup: Coerce::whole($row->setup_id),
                    at: self::seconds($row->at), landed: (bool) $row->landed, lost: (bool) $row->lure_lost, stands: true, became: null,
                ))->all(),
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @return list<KeptPause>
     */
    private static function pauses(array $rows): array
    {
        $rested = array_column(array_filter($rows, static fn (stdClass $row): bool => (bool) $row->paused), 'outing_id');

        return $rested === [] ? [] : array_values(
            Pause::query()->whereIn('outing_id', $rested)->toBase()->get(['rod_id', 'from_at', 'until_at'])
                ->map(static fn (stdClass $row): KeptPause => new KeptPause(
                    $row->rod_id === null ? null : Coerce::whole($row->rod_id), Coerce::seconds($row->from_at),
                    self::seconds($row->until_at),
                ))->all(),
        );
    }

    /** @return list<stdClass> one for each setup, and one for each outing in which nothing was tied on */
    private static function rows(User $user): array
    {
        $since = Carbon::now()->subMinutes((int) (60 * AnglersDay::HOURS));
        $move = static fn (string $column): Builder => Move::query()->toBase()->whereColumn('outing_id', 'outings.id')
            ->whereNull('undone_at')->latest('at')->latest('id')->limit(1)->selectRaw($column);

        return array_values($user->outings()->toBase()
            ->leftJoin('setups', 'setups.outing_id', '=', 'outings.id')
            ->leftJoin('lures', 'lures.id', '=', 'setups.lure_id')
            ->where(static fn (Builder $day) => $day->whereNull('outings.ended_at')->orWhere('outings.ended_at', '>', $since))
            ->orderBy('setups.tied_at')->orderBy('setups.id')
            ->select([
                'outings.id as outing_id', 'outings.uuid as outing_uuid', 'outings.started_at', 'outings.ended_at',
                'outings.spot_id as began_at', 'outings.place',
                'setups.id', 'setups.uuid', 'setups.rod_id', 'setups.lure_id', 'setups.hole', 'setups.cadence', 'setups.tied_at',
                'setups.until_at', 'setups.spot_id', 'lures.finish',
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
